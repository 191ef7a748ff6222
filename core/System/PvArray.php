<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Charging\ArrayFit;
use Pebblefell\Charging\PanelSheet;
use Pebblefell\Charging\RegulatorSheet;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;

/** One regulator with the panels that feed it, in strings. */
final readonly class PvArray
{
    /** Cells in full sun on a hot day, where panels lie close to a roof, °C. Common practice. */
    public const HOT_CELL_C = 70.0;

    /**
     * @param ?Part             $regulator null: panels that nothing regulates
     * @param list<Part>        $panels
     * @param ?list<list<Part>> $drawn     strings, each from its positive end; null: not every panel is drawn to the regulator
     */
    private function __construct(public ?Part $regulator, public array $panels, private ?array $drawn)
    {
    }

    /**
     * Which panels feed which regulator: by the wires where they are drawn, else like with like, one kind to each regulator.
     *
     * @return list<self> regulators without panels are left out
     */
    public static function allOf(Graph $graph): array
    {
        $regulators = $graph->of(Family::SolarRegulator);
        $own = array_values(array_filter($regulators, static fn(Part $r): bool => !$graph->isApart($r->uid)));
        $left = $fed = $strings = [];
        foreach (self::drawnStrings($graph) as $string) {
            $by = self::wiredTo($graph, $string[0], $regulators);
            foreach ($string as $panel) {
                $by === null ? $left[] = $panel : $fed[$by][] = $panel;
            }
            if ($by !== null) {
                $strings[$by][] = $string;
            }
        }
        $free = array_values(array_filter($own, static fn(Part $r): bool => !isset($fed[$r->uid])));
        $open = $free === [] ? $own : $free;
        $kinds = [];
        foreach ($left as $panel) {
            $kinds[$panel->make . '|' . $panel->model . '|' . $panel->data->orUsual('tilt_deg') . '|'
                . $panel->data->orUsual('azimuth_deg') . '|' . ($panel->data->flag('portable') === true ? 'out' : '')][] = $panel;
        }
        foreach (array_values($kinds) as $i => $panels) {
            $by = $open === [] ? '' : $open[min($i, count($open) - 1)]->uid;
            $fed[$by] = [...($fed[$by] ?? []), ...$panels];
        }
        $arrays = [];
        // A regulator of another system brings this bank nothing.
        foreach (array_filter(
            $fed,
            static fn(int|string $uid): bool => !$graph->isApart((string) $uid),
            ARRAY_FILTER_USE_KEY,
        ) as $uid => $panels) {
            $own = $strings[$uid] ?? [];
            $arrays[] = new self(
                $graph->parts[$uid] ?? null,
                $panels,
                count(array_merge([], ...$own)) === count($panels) ? $own : null,
            );
        }

        return $arrays;
    }

    public function watts(): float
    {
        return array_sum(array_map(static fn(Part $p): float => $p->data->known('pmax_w'), $this->panels));
    }

    /** Open-circuit volts of its strings at a cell's warmth; null while a panel's sheet has gaps. */
    public function openV(float $celsius): ?float
    {
        $strings = self::sheets($this->strings());

        return $strings === null ? null : max([0.0, ...array_map(
            static fn(array $string): float => array_sum(array_map(static fn(PanelSheet $s): float => $s->vocAt($celsius), $string)),
            $strings,
        )]);
    }

    /** A that its strings drive into a short at STC, all together; null while a panel's sheet has gaps. */
    public function shortA(): ?float
    {
        $strings = self::sheets($this->strings());

        return $strings === null ? null : array_sum(array_map(
            static fn(array $string): float => min(INF, ...array_map(static fn(PanelSheet $s): float => $s->iscA, $string)),
            $strings,
        ));
    }

    /**
     * Its strings, each from its positive end: so many in series as noted at the regulator, else as they are drawn, else one by one.
     *
     * @return list<list<Part>> none empty
     */
    public function strings(): array
    {
        $noted = $this->notedSeries();

        return $noted === null && $this->drawn !== null
            ? $this->drawn
            : array_chunk($this->panels, max(1, min(count($this->panels), $noted ?? 1)));
    }

    /** Panels in series, of its longest string. */
    public function series(): int
    {
        return max([1, ...array_map(count(...), $this->strings())]);
    }

    /** As noted at the regulator. */
    public function notedSeries(): ?int
    {
        $noted = $this->regulator?->data->number('array_series');

        return $noted === null ? null : (int) $noted;
    }

    /** Of the longest string that is drawn; null while not every panel is drawn to the regulator. */
    public function drawnSeries(): ?int
    {
        return $this->drawn === null ? null : max([1, ...array_map(count(...), $this->drawn)]);
    }

    /**
     * How the panels fit the regulator; null while a data sheet has gaps.
     *
     * @param ?int $series strings of so many; null: as they are
     */
    public function fit(?int $series, float $recordLowC, float $absorptionV): ?ArrayFit
    {
        $sheets = self::sheets($series === null ? $this->strings() : array_chunk($this->panels, max(1, $series)));
        $regulator = $this->regulator === null ? null : self::regulatorSheet($this->regulator);
        if ($regulator === null || $sheets === null) {
            return null;
        }
        try {
            return ArrayFit::ofStrings($sheets, $regulator, $recordLowC, self::HOT_CELL_C, $absorptionV);
        } catch (InvalidValue) {
            return null;
        }
    }

    public static function panelSheet(Part $panel): ?PanelSheet
    {
        $d = $panel->data;
        [$p, $voc, $vmp, $isc, $imp] = [
            $d->number('pmax_w'),
            $d->number('voc_v'),
            $d->number('vmp_v'),
            $d->number('isc_a'),
            $d->number('imp_a'),
        ];
        if ($p === null || $voc === null || $vmp === null || $isc === null || $imp === null) {
            return null;
        }
        try {
            return PanelSheet::of($p, $voc, $vmp, $isc, $imp, $d->orUsual('voc_tempco_pct_per_c'), $d->orUsual('vmp_tempco_pct_per_c'));
        } catch (InvalidValue) {
            return null;
        }
    }

    public static function regulatorSheet(Part $regulator): ?RegulatorSheet
    {
        $d = $regulator->data;
        [$volts, $amps] = [$d->number('max_pv_v'), $d->number('max_charge_a')];

        return $volts === null || $amps === null ? null : RegulatorSheet::of(
            $d->text('technology') === 'mppt',
            $volts,
            $amps,
            $d->number('max_pv_isc_a'),
            $d->orUsual('start_above_battery_v'),
        );
    }

    /**
     * @param list<list<Part>> $strings
     *
     * @return ?list<list<PanelSheet>> null: one of them has gaps, or there is none
     */
    private static function sheets(array $strings): ?array
    {
        $sheets = [];
        foreach ($strings as $string) {
            $own = array_map(self::panelSheet(...), $string);
            if (in_array(null, $own, true)) {
                return null;
            }
            $sheets[] = $own;
        }

        return $sheets === [] ? null : $sheets;
    }

    /**
     * Every panel once: with those whose positive ends on the negative of the one before.
     *
     * @return list<non-empty-list<Part>> each from its positive end
     */
    private static function drawnStrings(Graph $graph): array
    {
        $panels = $graph->of(Family::Panel);
        $next = $below = [];
        foreach ($panels as $panel) {
            $joined = $graph->reach([Point::of($panel->uid, 'plus')], Passage::closed());
            foreach ($panels as $above) {
                if ($above !== $panel && !isset($next[$above->uid]) && $joined->has(Point::of($above->uid, 'minus'))) {
                    $next[$above->uid] = $panel;
                    $below[$panel->uid] = true;
                    break;
                }
            }
        }
        $strings = $placed = [];
        // A ring of panels has no end: what is left of one begins anywhere.
        foreach ([...array_filter($panels, static fn(Part $p): bool => !isset($below[$p->uid])), ...$panels] as $panel) {
            $string = [];
            for ($at = $panel; $at !== null && !isset($placed[$at->uid]); $at = $next[$at->uid] ?? null) {
                $string[] = $at;
                $placed[$at->uid] = true;
            }
            if ($string !== []) {
                $strings[] = $string;
            }
        }

        return $strings;
    }

    /**
     * @param list<Part> $regulators
     */
    private static function wiredTo(Graph $graph, Part $panel, array $regulators): ?string
    {
        $joined = $graph->reach([Point::of($panel->uid, 'plus')], Passage::closed());
        foreach ($regulators as $regulator) {
            if ($joined->has(Point::of($regulator->uid, 'pv_plus'))) {
                return $regulator->uid;
            }
        }

        return null;
    }
}
