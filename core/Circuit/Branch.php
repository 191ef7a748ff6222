<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Load\Budget;
use Pebblefell\Load\LoadMoment;
use Pebblefell\Load\LoadSide;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Reach;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Tells what hangs behind one part of the bank's positive side, or of its returns, and what it draws and brings. */
final readonly class Branch
{
    /** Where an inverter takes its current, and where each source gives its charge: on the positive side, and where it comes back. */
    private const TAKES_AT = ['battery_plus', 'battery_minus'];
    private const GIVES_AT = ['battery_plus', 'output_plus', 'battery_minus', 'output_minus'];

    /**
     * @param list<Part>          $inverters
     * @param array<string, Part> $chargers  that feed the bank through it, by uid
     * @param bool                $hasLoads  DC loads hang there
     */
    private function __construct(
        public array $inverters,
        public array $chargers,
        private bool $hasLoads,
        private Budget $budget,
        private Supply $supply,
    ) {
    }

    /**
     * @param ?Reach $reach  behind the part; null where it is not drawn: then DC loads hang there, as usual
     * @param bool   $anywhere DC loads that no place is drawn for may hang here
     * @param bool   $openEnds and at an end that is left open for them
     */
    public static function of(
        Graph $graph,
        ?Reach $reach,
        bool $anywhere,
        Budget $budget,
        Supply $supply,
        bool $openEnds = true,
    ): self {
        $inverters = $chargers = [];
        foreach ($reach?->points() ?? [] as $point) {
            $part = $graph->parts[$point->uid];
            if ($part->kind->isInverter() && in_array($point->terminal, self::TAKES_AT, true)) {
                $inverters[] = $part;
            }
            if ($part->kind->isCharger() && in_array($point->terminal, self::GIVES_AT, true)) {
                $chargers[$part->uid] = $part;
            }
        }
        // Loads that no place is drawn for may hang anywhere.
        $hasLoads = $reach === null || $anywhere || self::feedsLoads($graph, $reach, $openEnds);

        return new self($inverters, $chargers, $hasLoads, $budget, $supply);
    }

    /** A that run through it for an hour and more: the loads of the worst hour, or the charge, whichever is more. */
    public function lastingA(): Figure
    {
        $loadsA = (($this->hasLoads ? $this->budget->lastingW(LoadSide::Dc) : 0.0) + ($this->inverters !== []
            ? $this->budget->lastingW(LoadSide::Ac)
            : 0.0)) / $this->budget->systemV;
        $charge = $this->supply->most($this->chargers);

        return new Figure('lasting-current', max($loadsA, $charge->value), 'A', 'lasting-current', [
            Figure::given('loads-for-an-hour', round($loadsA, 1), 'A', Origin::Computed),
            Figure::given('charge-through-it', round($charge->value, 1), 'A', Origin::Computed),
        ], 'first-principles');
    }

    /** A of the worst moment of its own loads. */
    public function peakA(): Figure
    {
        $watts = array_map(
            fn(LoadMoment $m): float => ($this->hasLoads ? $m->dcPeakW : 0.0) + ($this->inverters !== [] ? $m->peakW - $m->dcPeakW : 0.0),
            $this->budget->moments,
        );

        return new Figure('worst-moment', max([0.0, ...$watts]) / $this->budget->systemV, 'A', 'worst-moment');
    }

    /** A distribution box, or an end that is left open for them. */
    public static function feedsLoads(Graph $graph, Reach $reach, bool $openEnds = true): bool
    {
        foreach ($reach->points() as $point) {
            $part = $graph->parts[$point->uid];
            $isOpen = $openEnds && $part->kind->kind()->joins() !== [] && $graph->at($point) === [];
            if ($part->is(Family::DistributionBox) || $isOpen) {
                return true;
            }
        }

        return false;
    }
}
