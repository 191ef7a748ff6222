<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Loads;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Inverter\Inverter;
use Pebblefell\Load\Budget;
use Pebblefell\Load\LoadSide;
use Pebblefell\Study;
use Pebblefell\System\ApplianceUse;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Graph\Reach;
use Pebblefell\System\HouseBank;
use Pebblefell\System\Part;

/**
 * A DC system of its own beside the house's: one that was there before and stays, or a battery that goes from vehicle to vehicle. It has
 * its own budget, is charged by what is joined to it alone, and stays live when the house's main switch is open.
 */
final readonly class OtherSystem
{
    /**
     * @param list<Part>                  $batteries
     * @param array<string, ApplianceUse> $loads     by uid
     * @param list<Part>                  $sources   that charge it
     */
    private function __construct(
        public array $batteries,
        public array $loads,
        public array $sources,
        public Budget $budget,
        public HouseBank $bank,
    ) {
    }

    /**
     * @return list<self> of the plan
     */
    public static function all(Study $study): array
    {
        return array_map(static fn(array $batteries): self => self::of($study, $batteries), $study->planned()->apartBatteries());
    }

    /**
     * @param non-empty-list<Part> $batteries
     */
    private static function of(Study $study, array $batteries): self
    {
        $graph = $study->planned();
        $reach = $graph->reach(array_map(static fn(Part $p): Point => Point::of($p->uid, 'plus'), $batteries), Passage::closed());
        $loads = array_filter(
            $study->system->appliances,
            static fn(ApplianceUse $use): bool => $use->fedBy !== '' && isset($reach->parts()[$use->fedBy]) && $graph->isApart($use->fedBy),
        );
        $scenario = $study->loads()->scenario;
        $appliances = $scenario === null ? [] : array_values(array_map(static fn(ApplianceUse $use) => $use->in($scenario->uid), $loads));
        $part = array_values(array_filter($reach->parts(), static fn(Part $p): bool => $p->kind->isInverter()))[0] ?? null;
        $inverter = $part === null || array_filter($appliances, static fn($a): bool => $a->side === LoadSide::Ac) === []
            ? null
            : Inverter::of($part->data->orUsual('efficiency_pct'), $part->data->orUsual('idle_w'), false);
        $volts = self::volts($study, $batteries);
        $budget = Budget::of($appliances, $inverter, $volts);

        return new self($batteries, $loads, self::sourcesOn($reach), $budget, HouseBank::of(
            $batteries,
            $volts,
            new Figure('energy-a-day-at-the-battery', $budget->energyWhDay, 'Wh', 'energy-a-day-at-the-battery'),
            Figure::given('mean-current', $budget->meanA(), 'A', Origin::Computed),
            $study->banks()->celsius,
        ));
    }

    /**
     * Its own volts: those of its first battery, or the house's where several make them in series.
     *
     * @param non-empty-list<Part> $batteries
     */
    private static function volts(Study $study, array $batteries): float
    {
        $block = $batteries[0]->data->known('nominal_v');
        $graph = $study->planned();
        foreach ($batteries as $above) {
            foreach ($batteries as $below) {
                if ($above !== $below && $graph->node(Point::of($below->uid, 'plus'))->has(Point::of($above->uid, 'minus'))) {
                    return $block * count($batteries);
                }
            }
        }

        return $block;
    }

    /**
     * @return list<Part>
     */
    private static function sourcesOn(Reach $reach): array
    {
        $sources = [];
        foreach ($reach->points() as $point) {
            $part = $reach->parts()[$point->uid];
            if ($part->kind->isCharger() && in_array($point->terminal, ['battery_plus', 'output_plus'], true)) {
                $sources[$part->uid] = $part;
            }
        }

        return array_values($sources);
    }

    /** Joined to the house's positive by conductors, fuses and closed switches alone. */
    public function isJoined(Study $study): bool
    {
        return array_filter($this->batteries, static fn(Part $p): bool => $study->circuit()->joins(Point::of($p->uid, 'plus'))) !== [];
    }
}
