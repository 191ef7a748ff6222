<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources;

use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\Trip\ClearnessSpread;
use Pebblefell\Trip\TripDay;
use Pebblefell\Trip\WeatherDay;

/**
 * The first sunny morning after the coldest night to be expected, played through: who begins to charge, who stops it, and what would flow
 * into the cold battery if that one were dead.
 */
final readonly class FrostMorning
{
    /** Half charged at the evening before: there is room, so that everything would charge. Chosen. */
    private const START_SOC = 50.0;

    /** A regulator wakes and charges from so many watts on. Assumed. */
    private const WAKES_W = 5.0;

    /** The sky of the morning: brighter than nine in ten of the month's. Chosen. */
    private const BRIGHT = 0.9;

    /**
     * @param list<array{h: int, outsideC: float, batteryC: float, sunW: float, blocked: bool}> $hours     of the day
     * @param ?int                                                                                $beginsH   hour at which the sun begins
     *     to charge; null: it never does
     * @param ?int                                                                                $freeH     hour from which the battery
     *     may be charged again; null: not that day
     * @param float                                                                               $strayA    most A into the cold battery
     *     if nothing stopped it
     * @param float                                                                               $strayWh   that would have gone in below
     *     the limit
     * @param bool                                                                                $bmsStops  the battery's own cut-off is
     *     noted
     * @param list<Part>                                                                          $sensors   regulators that stop by a
     *     sensor of their own
     * @param list<Part>                                                                          $neither   chargers that neither stop nor
     *     stand behind a BMS that does
     * @param list<Part>                                                                          $regulators that wake first
     */
    private function __construct(
        public WeatherDay $day,
        public float $floorC,
        public float $heaterW,
        public array $hours,
        public ?int $beginsH,
        public ?int $freeH,
        public float $strayA,
        public float $strayWh,
        public bool $bmsStops,
        public array $sensors,
        public array $neither,
        public array $regulators,
    ) {
    }

    /** Null as long as no trip can be set up, or the bank may be charged in any cold. */
    public static function of(Study $study): ?self
    {
        $setup = $study->trip();
        $parts = $study->banks()->planned->parts;
        $months = $study->system->travel->months;
        if ($setup === null || $parts === [] || $months === [] || $study->banks()->lithium() === null) {
            return null;
        }
        $floor = $parts[0]->data->orUsual('charge_min_c');
        $cold = null;
        foreach ($setup->weather->year as $day) {
            if (in_array($day->month, $months, true) && ($cold === null || $day->minC < $cold->minC)) {
                $cold = $day;
            }
        }
        $coldestC = $study->frost()->coldest->value ?? $cold->minC ?? INF;
        if ($cold === null || $coldestC >= $floor || $study->system->travel->coldestBatteryC !== null) {
            return null;
        }
        // As cold as the finding about frost has it: the record, where its month is travelled.
        $cold = $cold->warmerBy($coldestC - $cold->minC);
        $sunny = $cold->underClearness(ClearnessSpread::about($setup->weather->meanClearness($cold->month))->at(self::BRIGHT));
        $trip = $setup->trip;
        // The day before is as cold: the battery has taken on the night's cold by morning.
        $outcome = $trip->through([new TripDay($cold), new TripDay($sunny)], self::START_SOC);
        $perDay = intdiv(1440, $trip->stepMin);
        $outside = $sunny->celsius($perDay);
        $sun = array_fill(0, $perDay, 0.0);
        foreach ($trip->arrays as $array) {
            foreach ($sunny->light($trip->latitudeDeg, $array->plane, $array->shade ?? $trip->shade, $perDay) as $k => $kwh) {
                $sun[$k] += $array->powerW($kwh * 1000.0 * $perDay / 24.0, $outside[$k]);
            }
        }
        $inside = array_slice($outcome->celsius, $perDay, $perDay);
        $volts = array_slice($outcome->volts, $perDay, $perDay);
        $begins = $free = null;
        [$strayA, $strayWh] = [0.0, 0.0];
        foreach ($sun as $k => $watts) {
            $begins ??= $watts >= self::WAKES_W ? (int) floor($k * 24.0 / $perDay) : null;
            if ($inside[$k] < $floor) {
                $strayA = max($strayA, $watts / max(1.0, $volts[$k]));
                $strayWh += $watts * 24.0 / $perDay;
            } elseif ($begins !== null) {
                $free ??= (int) floor($k * 24.0 / $perDay);
            }
        }
        $bms = $parts[0]->data->flag('low_temp_cutoff') === true;
        $chargers = $study->planned()->chargers();
        $own = static fn(Part $p): bool => $p->data->flag('cold_cutoff') === true;

        return new self(
            $sunny,
            $floor,
            $trip->store->heater->watts ?? 0.0,
            self::hourly($outside, $inside, array_values($sun), $floor, $perDay),
            $begins,
            $free,
            $strayA,
            $strayWh,
            $bms,
            array_values(array_filter($chargers, $own)),
            $bms ? [] : array_values(array_filter($chargers, static fn(Part $p): bool => !$own($p))),
            array_values(array_filter($chargers, static fn(Part $p): bool => $p->is(Family::SolarRegulator))),
        );
    }

    /** The sun would charge a battery that is too cold for it, that morning. */
    public function isMet(): bool
    {
        return $this->strayWh > 0.0;
    }

    /**
     * @param list<float> $outside
     * @param list<float> $inside
     * @param list<float> $sun
     *
     * @return list<array{h: int, outsideC: float, batteryC: float, sunW: float, blocked: bool}>
     */
    private static function hourly(array $outside, array $inside, array $sun, float $floorC, int $perDay): array
    {
        $hours = [];
        $each = intdiv($perDay, 24);
        for ($h = 0; $h < 24; ++$h) {
            $mean = static fn(array $steps): float => array_sum(array_slice($steps, $h * $each, $each)) / $each;
            $hours[] = [
                'h' => $h,
                'outsideC' => $mean($outside),
                'batteryC' => $mean($inside),
                'sunW' => $mean($sun),
                'blocked' => min([INF, ...array_slice($inside, $h * $each, $each)]) < $floorC,
            ];
        }

        return $hours;
    }
}
