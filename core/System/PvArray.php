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

/** One regulator with the panels that feed it, in strings. */
final readonly class PvArray
{
    /** Cells in full sun on a hot day, where panels lie close to a roof, °C. Common practice. */
    public const HOT_CELL_C = 70.0;

    /**
     * @param ?Part      $regulator null: panels that nothing regulates
     * @param list<Part> $panels
     */
    private function __construct(public ?Part $regulator, public array $panels)
    {
    }

    /**
     * Which panels feed which regulator: by the wires where they are drawn, else like with like, one kind to each regulator.
     *
     * @return list<self> regulators without panels are left out
     */
    public static function allOf(Graph $graph): array
    {
        $regulators = $graph->ofKind(PartKind::Regulator);
        $own = array_values(array_filter($regulators, static fn(Part $r): bool => !$graph->isApart($r->uid)));
        $left = [];
        $fed = [];
        foreach ($graph->ofKind(PartKind::Panel) as $panel) {
            $by = self::wiredTo($graph, $panel, $regulators);
            $by === null ? $left[] = $panel : $fed[$by][] = $panel;
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
            $arrays[] = new self($graph->parts[$uid] ?? null, $panels);
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
        $sheets = array_map(self::panelSheet(...), $this->panels);
        if ($sheets === [] || in_array(null, $sheets, true)) {
            return null;
        }
        $strings = array_chunk(array_map(static fn(PanelSheet $s): float => $s->vocAt($celsius), $sheets), max(1, $this->series()));

        return max([0.0, ...array_map(array_sum(...), $strings)]);
    }

    /** Panels in series: as noted at the regulator, else one. */
    public function series(): int
    {
        return $this->regulator === null ? 1 : max(1, min(count($this->panels), (int) $this->regulator->data->orUsual('array_series')));
    }

    /** How the panels fit the regulator, in strings of $series; null while a data sheet has gaps. */
    public function fit(int $series, float $recordLowC, float $absorptionV): ?ArrayFit
    {
        $sheets = array_map(self::panelSheet(...), $this->panels);
        $regulator = $this->regulator === null ? null : self::regulatorSheet($this->regulator);
        if ($regulator === null || in_array(null, $sheets, true)) {
            return null;
        }
        try {
            return ArrayFit::ofStrings(array_chunk($sheets, max(1, $series)), $regulator, $recordLowC, self::HOT_CELL_C, $absorptionV);
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
