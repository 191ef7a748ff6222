<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\Trip\Weather;

/** The cold that a lithium bank meets, who stops the charge then, and whether its warmth is enough. */
final readonly class Frost
{
    /** So long a battery in its bay takes to come 63 % of the way to the cold outside, h. Assumed: a wooden bay, not insulated. */
    private const BAY_H = 8.0;

    /** Heat that a battery holds, J/(kg·K). Common practice: cells and case about 1000. */
    private const HEAT_J_PER_KG_K = 1000.0;

    /**
     * @param Figure     $coldest    °C to be expected at the battery
     * @param int        $months     travelled, with such nights; 0 where no place is known
     * @param bool       $stopsItself its BMS stops the charge
     * @param list<Part> $unguarded  chargers that do not stop by a sensor of their own
     * @param Figure     $wantedW    that holds the battery above its limit in such a night
     */
    private function __construct(
        public Figure $coldest,
        public Figure $floor,
        public int $months,
        public bool $stopsItself,
        public array $unguarded,
        public float $heaterW,
        public Figure $wantedW,
    ) {
    }

    public static function of(Study $study): ?self
    {
        $parts = $study->banks()->planned->parts;
        if ($parts === []) {
            return null;
        }
        $floor = $parts[0]->data->figureOrUsual('charge_min_c');
        [$coldest, $months] = self::nights($study, $floor->value);
        $heater = array_sum(array_map(static fn(Part $p): float => $p->data->orUsual('heater_w'), $parts));
        $pads = array_sum(array_map(
            static fn(Part $p): float => $p->data->known('heater_w'),
            $study->planned()->of(Family::HeatingPad),
        ));
        $mass = array_sum(array_map(static fn(Part $p): float => $p->data->orUsual('mass_kg'), $parts));
        $loss = $mass * self::HEAT_J_PER_KG_K / (self::BAY_H * 3600.0);

        return new self(
            $coldest,
            $floor,
            $months,
            $parts[0]->data->flag('low_temp_cutoff') === true,
            array_values(array_filter($study->planned()->chargers(), static fn(Part $p): bool => $p->data->flag('cold_cutoff') !== true)),
            $heater + $pads,
            new Figure('warmth-wanted', $loss * max(0.0, $floor->value - $coldest->value), 'W', 'warmth-wanted', [
                Figure::given('mass-of-the-bank', $mass, 'kg'),
                Figure::given('bay-cools-in', self::BAY_H, 'h', Origin::Assumed),
                $coldest,
                $floor,
            ], 'first-principles'),
        );
    }

    /** The warmth holds the battery above its limit. */
    public function isWarmed(): bool
    {
        return $this->heaterW > 0.0 && $this->heaterW >= $this->wantedW->value;
    }

    /**
     * The coldest night to be expected in the travelled months: the weather's, and where the coldest month of the place is among them, its
     * record.
     *
     * @return array{Figure, int}
     */
    private static function nights(Study $study, float $floorC): array
    {
        $travel = $study->system->travel;
        $place = $study->system->place;
        if ($travel->coldestBatteryC !== null || $place === null || $travel->months === []) {
            return [$study->banks()->celsius, 0];
        }
        $coldest = INF;
        $months = [];
        foreach (Weather::ofMeans($place->latitudeDeg, $place->clearnessByMonth(), $place->minCByMonth())->year as $day) {
            if (in_array($day->month, $travel->months, true)) {
                $coldest = min($coldest, $day->minC);
                if ($day->minC < $floorC) {
                    $months[$day->month] = true;
                }
            }
        }
        $least = array_keys($place->minCByMonth(), min([INF, ...$place->minCByMonth()]));
        // The record belongs to the coldest month; it is not put on a summer.
        if ($place->recordLowC !== null && array_filter(
            $least,
            static fn(int $i): bool => in_array($i + 1, $travel->months, true),
        ) !== []) {
            $coldest = min($coldest, $place->recordLowC);
        }

        return [new Figure('coldest-night', $coldest, '°C', 'coldest-night', [$study->banks()->celsius], 'place-months'), count($months)];
    }
}
