<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

use Pebblefell\Bank\RefreshCharge;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Word;

/**
 * When a battery will be through its step, from what has been read so far; corrected with every reading.
 *
 * Bulk: charge by (volts − I·R) on the rest curve where the curve is steep, by counted Ah since the first reading where it is flat;
 * then (97 or 85 % − charge) · capacity ÷ (I · η). Absorption: the data sheet's hours, or until the tail current, which falls as
 * e^(−t/τ) through the last two readings. Rest: 12 h (overnight) for the full method, and no longer falling.
 */
final readonly class Forecast
{
    /** Rest before volts mean anything, h. Common practice: overnight; an hour or two for a check. */
    public const REST_FULL_H = 12.0;
    public const REST_CHECK_H = 2.0;

    /** Where bulk ends, % of charge. Common practice. */
    private const BULK_LFP = 97.0;
    private const BULK_LEAD = 85.0;

    /** Falling by less than this, mV a cell and hour, counts as settled. Chosen. */
    public const SETTLED_MV_H = 1.0;

    /** Resting readings are watched over so many hours. Chosen. */
    private const WATCHED_H = 3.0;

    /**
     * Lead that takes current stands at its charger's volts, not at its charge's: so much of it, A, or so many volts a cell where amps were
     * not read, and the volts tell nothing. Common practice: float is 2.25 V a cell, and no lead rests above it.
     */
    private const LEAD_TAKES_A = 0.1;
    private const LEAD_RESTS_BELOW_V = 2.25;

    /** Holds what a meter of the trade leaves open between two readings, V. Common practice. */
    private const METER_V = 0.005;

    /**
     * @param ?float $socPct   charge now, as well as it is known
     * @param float  $vaguePct by how much it may be off
     * @param ?float $readyAtS second of the clock; null: not to be told yet
     */
    private function __construct(public ?float $socPct, public float $vaguePct, public ?float $readyAtS, public Word $why)
    {
    }

    /**
     * @param list<BatteryReading> $readings oldest first
     * @param float         $sinceS   when the step began
     * @param ?float $chargerA of the charger it is on, used until amps are read
     */
    public static function of(
        Subject $subject,
        Protocol $protocol,
        BalanceStep $step,
        array $readings,
        float $sinceS,
        ?float $chargerA,
    ): self {
        $last = $readings[count($readings) - 1] ?? null;
        if ($last === null) {
            return new self(null, 100.0, null, self::say('nothing-read'));
        }
        [$soc, $vague] = self::charge($subject, $readings);
        $amps = $last->amps !== null && $last->amps > 0.1 ? $last->amps : $chargerA;

        return match ($step) {
            BalanceStep::Charging => self::bulk($subject, $protocol, $soc, $vague, $last, $amps, $sinceS),
            BalanceStep::Absorbing => $protocol === Protocol::Cells ? self::bleeding(
                $subject,
                $soc,
                $vague,
                $readings,
                $sinceS,
            ) : self::absorption($subject, $soc, $vague, $readings, $sinceS),
            BalanceStep::Resting => self::rest($subject, $protocol, $soc, $vague, $readings, $sinceS),
            default => new self($soc, $vague, null, Word::of('balance.steps.' . $step->value)),
        };
    }

    /**
     * Charge in % by counting Ah from the reading that told most, and by how much it may be off.
     *
     * @param list<BatteryReading> $readings
     *
     * @return array{?float, float}
     */
    public static function charge(Subject $subject, array $readings): array
    {
        $best = null;
        $vague = 100.0;
        $before = null;
        foreach ($readings as $reading) {
            if ($best !== null && $before !== null) {
                $hours = max(0.0, $reading->atS - $before->atS) / 3600.0;
                $ah = (($reading->amps ?? 0.0) + ($before->amps ?? 0.0)) / 2.0 * $hours;
                $best = max(
                    0.0,
                    min(100.0, $best + 100.0 * ($ah > 0.0 ? $ah * $subject->chemistry->coulombicEfficiency() : $ah) / $subject->capacityAh),
                );
                $vague += 100.0 * abs($ah) * 0.03 / $subject->capacityAh;
            }
            $before = $reading;
            if (self::isChargersVolts($subject, $reading)) {
                continue;
            }
            // Volts behind the resistance; not to be trusted to better than 20 mV, nor under a large current.
            $rest = $reading->volts - ($reading->amps ?? 0.0) * $subject->ohm;
            $here = $subject->vagueByPct($rest, 0.02 + 0.002 * abs($reading->amps ?? 0.0));
            if ($here < $vague) {
                [$best, $vague] = [$subject->socPct($rest), $here];
            }
        }

        return [$best, min(100.0, $vague)];
    }

    private static function isChargersVolts(Subject $subject, BatteryReading $reading): bool
    {
        return !$subject->chemistry->isLithium()
            && (($reading->amps ?? 0.0) > self::LEAD_TAKES_A || $reading->volts > self::LEAD_RESTS_BELOW_V * $subject->cells);
    }

    private static function bulk(
        Subject $subject,
        Protocol $protocol,
        ?float $soc,
        float $vague,
        BatteryReading $last,
        ?float $amps,
        float $sinceS,
    ): self {
        if ($protocol === Protocol::Refresh) {
            return new self(
                $soc,
                $vague,
                $sinceS + 3600.0 * RefreshCharge::HOURS,
                self::say('sixteen', ['hours' => Amount::of(RefreshCharge::HOURS, 'h')]),
            );
        }
        if ($amps === null || $amps <= 0.0) {
            return new self($soc, $vague, null, self::say('needs-amps'));
        }
        $to = $subject->chemistry->isLithium() ? self::BULK_LFP : self::BULK_LEAD;
        $hours = max(0.0, $to - ($soc ?? 0.0)) / 100.0 * $subject->capacityAh / ($amps * $subject->chemistry->coulombicEfficiency());
        $ready = $last->atS + 3600.0 * $hours;
        if ($soc === null) {
            return new self(null, $vague, $ready, self::say('from-empty', ['amps' => Amount::of($amps, 'A', 1)]));
        }

        return new self(
            $soc,
            $vague,
            $ready,
            self::say('to-go', ['percent' => Amount::of(max(0.0, $to - $soc), '%', 0), 'amps' => Amount::of($amps, 'A', 1)]),
        );
    }

    /**
     * @param list<BatteryReading> $readings
     */
    private static function absorption(Subject $subject, ?float $soc, float $vague, array $readings, float $sinceS): self
    {
        $byClock = $sinceS + 3600.0 * $subject->absorptionH;
        $tapering = array_values(array_filter(
            $readings,
            static fn(BatteryReading $r): bool => $r->atS >= $sinceS && $r->amps !== null && $r->amps > 0.0,
        ));
        $n = count($tapering);
        if ($subject->tailA !== null && $n >= 2) {
            [$a, $b] = [$tapering[0], $tapering[$n - 1]];
            if ($b->amps <= $subject->tailA) {
                return new self(
                    100.0,
                    2.0,
                    min($byClock, $b->atS),
                    self::say('tail-reached', ['tail' => Amount::of($subject->tailA, 'A', 1)]),
                );
            }
            if ($b->amps < $a->amps && $b->atS > $a->atS) {
                $tau = ($b->atS - $a->atS) / log($a->amps / $b->amps);
                $tail = $b->atS + $tau * log($b->amps / $subject->tailA);

                return new self(
                    $soc,
                    $vague,
                    min($byClock, $tail),
                    self::say('tail', ['tail' => Amount::of($subject->tailA, 'A', 1), 'hours' => Amount::of($subject->absorptionH, 'h')]),
                );
            }
        }

        return new self($soc, $vague, $byClock, self::say('hours', ['hours' => Amount::of($subject->absorptionH, 'h')]));
    }

    /**
     * The balancer at work: its bleed is steady, so the spread of the cells falls in a straight line while all are above the knee.
     *
     * @param list<BatteryReading> $readings
     */
    private static function bleeding(Subject $subject, ?float $soc, float $vague, array $readings, float $sinceS): self
    {
        $seen = array_values(array_filter($readings, static fn(BatteryReading $r): bool => $r->atS >= $sinceS && $r->cells !== null));
        $n = count($seen);
        if ($n === 0) {
            return new self($soc, $vague, null, self::say('needs-cells'));
        }
        $now = $seen[$n - 1]->spreadMv() ?? 0.0;
        if ($now <= CellsApart::ALIKE_MV) {
            return new self($soc, $vague, $seen[$n - 1]->atS, self::say('cells-apart', ['mv' => Amount::of($now, 'mV', 0)]));
        }
        // The widest on the way is where the straight line begins.
        $widest = 0;
        foreach ($seen as $i => $reading) {
            $widest = ($reading->spreadMv() ?? 0.0) >= ($seen[$widest]->spreadMv() ?? 0.0) ? $i : $widest;
        }
        $fallen = ($seen[$widest]->spreadMv() ?? 0.0) - $now;
        $hours = ($seen[$n - 1]->atS - $seen[$widest]->atS) / 3600.0;
        $ready = $fallen > 1000.0 * self::METER_V && $hours > 0.0
            ? $seen[$n - 1]->atS + 3600.0 * $hours * ($now - CellsApart::ALIKE_MV) / $fallen
            : null;

        return new self(
            $soc,
            $vague,
            $ready,
            self::say('bleeding', ['mv' => Amount::of($now, 'mV', 0), 'aim' => Amount::of(CellsApart::ALIKE_MV, 'mV', 0)]),
        );
    }

    /**
     * @param list<BatteryReading> $readings
     */
    private static function rest(Subject $subject, Protocol $protocol, ?float $soc, float $vague, array $readings, float $sinceS): self
    {
        $hours = $protocol === Protocol::Full ? self::REST_FULL_H : self::REST_CHECK_H;
        $ready = $sinceS + 3600.0 * $hours;
        $falling = self::fallingMvH($subject, $readings, $sinceS);
        if ($falling !== null && $falling > self::SETTLED_MV_H) {
            // It settles as e^(−t/τ), τ about 2 h: the fall halves every 1.4 h.
            $ready = max($ready, $readings[count($readings) - 1]->atS + 3600.0 * 2.0 * log($falling / self::SETTLED_MV_H));

            return new self($soc, $vague, $ready, self::say('falling', ['mv' => Amount::of($falling, 'mV', 1)]));
        }

        return new self($soc, $vague, $ready, self::say('rest', ['hours' => Amount::of($hours, 'h')]));
    }

    /**
     * By how much the volts fall, mV a cell and hour, over the resting readings of the last three hours; null: not told. A difference that
     * is within a meter's error counts as none.
     *
     * @param list<BatteryReading> $readings
     */
    public static function fallingMvH(Subject $subject, array $readings, float $sinceS): ?float
    {
        $end = $readings === [] ? 0.0 : $readings[count($readings) - 1]->atS;
        $resting = array_values(array_filter(
            $readings,
            static fn(BatteryReading $r): bool => $r->atS >= max($sinceS, $end - 3600.0 * self::WATCHED_H),
        ));
        $n = count($resting);
        if ($n < 2 || $resting[$n - 1]->atS - $resting[0]->atS < 600.0) {
            return null;
        }
        // The first third against the last: one reading each where there are few.
        $third = max(1, intdiv($n, 3));
        $mean = static fn(array $part, callable $of): float => array_sum(array_map($of, $part)) / max(1, count($part));
        [$early, $late] = [array_slice($resting, 0, $third), array_slice($resting, -$third)];
        $volts = static fn(BatteryReading $r): float => $r->volts;
        $fall = abs($mean($early, $volts) - $mean($late, $volts));
        $at = static fn(BatteryReading $r): float => $r->atS;
        $hours = ($mean($late, $at) - $mean($early, $at)) / 3600.0;

        return $fall < self::METER_V || $hours <= 0.0 ? 0.0 : $fall / $hours * 1000.0 / $subject->cells;
    }

    /**
     * @param array<string, mixed> $args
     */
    private static function say(string $key, array $args = []): Word
    {
        return Word::of("balance.forecast.$key", $args);
    }
}
