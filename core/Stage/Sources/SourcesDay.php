<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources;

use Pebblefell\Finding\Figure;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\Trip\ClearnessSpread;
use Pebblefell\Trip\SolarSource;
use Pebblefell\Trip\Trip;
use Pebblefell\Trip\WeatherDay;

/**
 * All sources of the plan in one day of a month: what each brings to the bank, hour by hour, what comes together, what the bank takes of
 * it, and what is used meanwhile. The sun shines at its hour and the engine runs at its; a post or a generator may come at any.
 */
final readonly class SourcesDay
{
    /** A bright day is one that nine in ten of the month's fall short of. Chosen. */
    private const BRIGHT = 0.9;

    /**
     * @param list<array{source: SolarSource, bright: list<float>, usual: list<float>}> $arrays A by step, under a bright sky and the
     *     month's own
     * @param list<float> $engine A by step; empty where nothing charges on the road
     * @param float                                                                    $mainsA from a post, whenever there is one
     * @param float $mainsBesideSunA of it, what is left while the sun charges
     * @param float                                                                    $generatorA while it runs
     * @param list<float>                                                              $used   A by step that the loads take
     * @param Figure                                                                   $limit  A that the bank takes
     */
    private function __construct(
        public int $month,
        public float $stepH,
        public float $volts,
        public array $arrays,
        public array $engine,
        public float $mainsA,
        public float $mainsBesideSunA,
        public float $generatorA,
        public array $used,
        public Figure $limit,
    ) {
    }

    /** Null as long as no trip can be set up, or nothing charges. */
    public static function of(Study $study, int $month): ?self
    {
        $setup = $study->trip();
        $limit = $study->limits->takes();
        if ($setup === null || $limit === null) {
            return null;
        }
        $trip = $setup->trip;
        $perDay = intdiv(1440, $trip->stepMin);
        $volts = $study->limits->chargeV()->value ?? $study->system->vehicle->systemV;
        $sky = ClearnessSpread::about($setup->weather->meanClearness($month));
        $days = $setup->weather->ofMonth($month, 31);
        $day = $days[intdiv(count($days), 2)];
        [$bright, $usual] = [$day->underClearness($sky->at(self::BRIGHT)), $day->underClearness($setup->weather->meanClearness($month))];
        $arrays = array_map(static fn(SolarSource $array): array => [
            'source' => $array,
            'bright' => self::sun($trip, $array, $bright, $perDay, $volts),
            'usual' => self::sun($trip, $array, $usual, $perDay, $volts),
        ], $trip->arrays);
        $engine = [];
        for ($k = 0; $trip->drive !== null && $k < $perDay; ++$k) {
            $shines = max([0.0, ...array_map(static fn(array $a): float => $a['bright'][$k], $arrays)]) > 0.0;
            $engine[] = self::drives($trip, $k, $perDay) ? ($shines ? $trip->drive->besideSunA : $trip->drive->outputA) : 0.0;
        }
        $mains = $trip->shore->chargerA ?? 0.0;
        $generatorW = array_sum(
            array_map(static fn($p): float => $p->data->known('continuous_w'), $study->planned()->of(Family::Generator)),
        );
        $generator = $trip->shore === null ? 0.0 : min($mains, $generatorW * $trip->shore->efficiencyPct / 100.0 / $volts);
        if ($arrays === [] && $engine === [] && $mains <= 0.0) {
            return null;
        }

        return new self(
            $month,
            24.0 / $perDay,
            $volts,
            array_values($arrays),
            $engine,
            $mains,
            $trip->shore->besideSunA ?? 0.0,
            $generator,
            array_values(array_map(static fn(float $w): float => $w / $study->system->vehicle->systemV, $trip->loads->atBatteryW())),
            $limit,
        );
    }

    /**
     * @return list<float> A at the bank by step
     */
    private static function sun(Trip $trip, SolarSource $array, WeatherDay $day, int $perDay, float $volts): array
    {
        $outside = $day->celsius($perDay);
        $amps = [];
        foreach ($day->light($trip->latitudeDeg, $array->plane, $array->shade ?? $trip->shade, $perDay) as $k => $kwh) {
            $g = $kwh * 1000.0 * $perDay / 24.0;
            $amps[] = $array->idleDriving && self::drives($trip, $k, $perDay) ? 0.0 : min(
                $array->maxChargeA ?? INF,
                $array->mppt ? $array->powerW($g, $outside[$k]) / $volts : $array->pwmA($g),
            );
        }

        return $amps;
    }

    private static function drives(Trip $trip, int $k, int $perDay): bool
    {
        return $trip->drive?->hours->contains(($k + 0.5) * 24.0 / $perDay) === true;
    }

    /**
     * @param 'bright'|'usual' $sky
     *
     * @param bool $onMains of those alone that bring something on mains
     *
     * @return list<float> A of all arrays by step
     */
    public function sunA(string $sky, bool $onMains = false): array
    {
        $sum = array_fill(0, (int) round(24.0 / $this->stepH), 0.0);
        foreach ($this->arrays as $array) {
            foreach ($onMains && $array['source']->idleOnMains ? [] : $array[$sky] as $k => $amps) {
                $sum[$k] += $amps;
            }
        }

        return array_values($sum);
    }

    /** Wh that so many amps by step bring to the bank in the day. */
    public function wh(float ...$amps): float
    {
        return array_sum($amps) * $this->stepH * $this->volts;
    }

    /** The most A that come together: a bright sun with the engine, or with a post. */
    public function mostA(): float
    {
        $sun = $this->sunA('bright');
        $driven = array_map(static fn(float $s, float $e): float => $s + $e, $sun, $this->engine ?: array_fill(0, count($sun), 0.0));

        return max([0.0, ...$driven, ...$this->postA()]);
    }

    /**
     * @return list<float> A of a bright sun and of a post together, by step
     */
    public function postA(): array
    {
        return array_map(
            fn(float $sun): float => $sun + ($sun > 0.0 ? $this->mainsBesideSunA : $this->mainsA),
            $this->sunA('bright', true),
        );
    }
}
