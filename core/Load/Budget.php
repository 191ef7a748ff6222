<?php

declare(strict_types=1);

namespace Pebblefell\Load;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Inverter\Inverter;
use Pebblefell\Quantity\Guard;
use Pebblefell\Quantity\HourSpan;

/**
 * A day's energy and its worst moment, at the battery.
 *
 * Exact, not sampled: the day is cut at every switching hour, and between two cuts everything is constant. AC loads pass
 * through the inverter. A standby draw on the AC side is a load as well: it keeps an inverter of mode "with loads" on.
 */
final readonly class Budget
{
    /**
     * @param list<Appliance> $appliances
     * @param list<LoadMoment>    $moments    in order, covering 0 to 24
     */
    private function __construct(
        public array $appliances,
        public ?Inverter $inverter,
        public float $systemV,
        public array $moments,
        public float $energyWhDay,
        public float $peakW,
        public float $acPeakW,
        public float $surgeW,
        public LoadMoment $worst,
    ) {
    }

    /**
     * @param list<Appliance> $appliances
     * @param ?Inverter $inverter needed when any is on the AC side
     *
     * @throws InvalidValue at /inverter or /system_v
     */
    public static function of(array $appliances, ?Inverter $inverter, float $systemV): self
    {
        Guard::positive($systemV, '/system_v');
        $hasAc = array_filter($appliances, static fn(Appliance $a): bool => $a->side === LoadSide::Ac) !== [];
        if ($hasAc && $inverter === null) {
            throw InvalidValue::at('/inverter', 'needs-inverter');
        }
        $moments = self::moments($appliances, $inverter);
        $worst = $moments[0];
        $energy = 0.0;
        foreach ($moments as $moment) {
            $energy += $moment->meanW * $moment->hours();
            if ($moment->peakW > $worst->peakW) {
                $worst = $moment;
            }
        }
        $acPeak = max(array_map(static fn(LoadMoment $m): float => $m->acPeakW, $moments));

        return new self(
            $appliances,
            $inverter,
            $systemV,
            $moments,
            $energy,
            $worst->peakW,
            $acPeak,
            self::surge($appliances, $inverter, $moments) ?? ($hasAc ? $acPeak : $worst->peakW),
            $worst,
        );
    }

    public function energyAhDay(): float
    {
        return $this->energyWhDay / $this->systemV;
    }

    public function peakA(): float
    {
        return $this->peakW / $this->systemV;
    }

    /** Mean current while drawing, A: the day's Ah over 24 h. It is what Peukert's law is asked with. */
    public function meanA(): float
    {
        return $this->energyAhDay() / 24.0;
    }

    /** Wh a day that the inverter takes for itself: idle draw and losses. */
    public function inverterWhDay(): float
    {
        return array_sum(array_map(static fn(LoadMoment $m): float => $m->inverterW * $m->hours(), $this->moments));
    }

    /** Wh at the battery that the loads take between two hours of the clock; may pass midnight. */
    public function energyBetweenWh(HourSpan $span): float
    {
        return array_sum(array_map(static fn(LoadMoment $m): float => $m->meanW * $span->overlapH($m->fromH, $m->toH), $this->moments));
    }

    /**
     * W at the battery that run on one side for an hour and more, duty ignored: the worst hour of the day. What warms a cable, a fuse, a
     * breaker.
     */
    public function lastingW(LoadSide $side): float
    {
        $worst = 0.0;
        foreach ($this->moments as $start) {
            $hour = HourSpan::of($start->fromH, fmod($start->fromH + 1.0, 24.0));
            $wh = 0.0;
            foreach ($this->moments as $m) {
                $wh += ($side === LoadSide::Dc ? $m->dcPeakW : $m->peakW - $m->dcPeakW) * $hour->overlapH($m->fromH, $m->toH);
            }
            $worst = max($worst, $wh);
        }

        return $worst;
    }

    /** Hours of the day in which nothing draws at the outlets: an inverter that is on then is on for itself. */
    public function hoursWithoutAc(): float
    {
        return array_sum(array_map(static fn(LoadMoment $m): float => $m->acPeakW > 0.0 ? 0.0 : $m->hours(), $this->moments));
    }

    /** Wh a day at their own terminals of things that are off. */
    public function standbyWhDay(): float
    {
        return array_sum(array_map(static fn(Appliance $a): float => $a->energyWh()[1], $this->appliances));
    }

    /**
     * Wh a day of one appliance at the battery, inverter losses in, its idle draw left out.
     */
    public function energyOfWh(Appliance $appliance): float
    {
        $wh = array_sum($appliance->energyWh());

        return $appliance->side === LoadSide::Ac && $this->inverter !== null ? $wh / ($this->inverter->efficiencyPct / 100) : $wh;
    }

    /**
     * @return list<Appliance> what is on in the worst moment, largest first
     */
    public function worstAppliances(): array
    {
        $on = array_values(array_filter($this->appliances, fn(Appliance $a): bool => $a->hours->contains($this->worst->fromH)));
        usort($on, fn(Appliance $a, Appliance $b): int => $b->peakWattsAt($this->worst->fromH) <=> $a->peakWattsAt($this->worst->fromH));

        return $on;
    }

    /**
     * @param list<Appliance> $appliances
     *
     * @return non-empty-list<LoadMoment>
     */
    private static function moments(array $appliances, ?Inverter $inverter): array
    {
        $cuts = [0.0, 24.0];
        foreach ($appliances as $appliance) {
            foreach ($appliance->hours->stretches as $stretch) {
                array_push($cuts, ...$stretch);
            }
        }
        $cuts = array_values(array_unique($cuts, SORT_NUMERIC));
        sort($cuts);
        $moments = [];
        for ($i = 1; $i < count($cuts); ++$i) {
            $moments[] = self::moment($appliances, $inverter, $cuts[$i - 1], $cuts[$i]);
        }

        return $moments === [] ? [self::moment($appliances, $inverter, 0.0, 24.0)] : $moments;
    }

    /**
     * @param list<Appliance> $appliances
     */
    private static function moment(array $appliances, ?Inverter $inverter, float $fromH, float $toH): LoadMoment
    {
        $mean = ['dc' => 0.0, 'ac' => 0.0];
        $peak = ['dc' => 0.0, 'ac' => 0.0];
        foreach ($appliances as $appliance) {
            $mean[$appliance->side->value] += $appliance->meanWattsAt($fromH);
            $peak[$appliance->side->value] += $appliance->peakWattsAt($fromH);
        }
        // On and off follow what is switched on, not the mean: a fridge at 40 % duty keeps the inverter on between its runs.
        $on = $inverter !== null && $inverter->isOn($peak['ac']);
        $meanAtBattery = $on ? $mean['ac'] / ($inverter->efficiencyPct / 100) + $inverter->idleW : 0.0;
        $peakAtBattery = $on ? $inverter->dcWatts($peak['ac']) : 0.0;

        return new LoadMoment(
            $fromH,
            $toH,
            $mean['dc'] + $meanAtBattery,
            $peak['dc'] + $peakAtBattery,
            $peak['ac'],
            $on ? $meanAtBattery - $mean['ac'] : 0.0,
            $mean['dc'],
            $peak['dc'],
        );
    }

    /**
     * The largest start: one unit of a load starts while its twins and everything else on its side are running.
     * For an AC load it is counted at the outlets, for a DC load at the battery. Null when no load gives a surge.
     *
     * @param list<Appliance> $appliances
     * @param list<LoadMoment>    $moments
     */
    private static function surge(array $appliances, ?Inverter $inverter, array $moments): ?float
    {
        $largest = null;
        foreach ($appliances as $appliance) {
            if ($appliance->surgeW === null) {
                continue;
            }
            foreach ($moments as $moment) {
                if ($appliance->hours->contains($moment->fromH)) {
                    $running = $appliance->side === LoadSide::Ac ? $moment->acPeakW : $moment->peakW;
                    $largest = max($largest ?? 0.0, $running - $appliance->watts + $appliance->surgeW);
                }
            }
        }

        return $largest;
    }
}
