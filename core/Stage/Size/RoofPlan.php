<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Drawing\Packing;
use Pebblefell\Study;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\Roof;
use Pebblefell\System\Sheet\DataSheet;

/** The planned panels on the roof, to scale: where each lies or could lie, beside hatches, vents and rails. */
final readonly class RoofPlan
{
    /** Kept free along the edge and between panels, mm: for air, brackets and a hand. Common practice: 20 to 50. */
    public const EDGE_MM = 30.0;
    public const GAP_MM = 20.0;

    /** A place to step, mm square. Common practice. */
    public const STEP_MM = 400.0;

    /** More panels than this no vehicle carries. */
    private const MOST = 60;

    /**
     * @param list<array{part: Part, x: float, y: float, l: float, w: float, fixed: bool, clash: bool}> $panels that lie on it
     * @param list<Part>                                                                                 $left   that find no place
     * @param ?int                                                                                       $more   of the last kind that fit
     *     besides; null: no panel has a size
     */
    private function __construct(public Roof $roof, public array $panels, public array $left, public ?int $more, public bool $canStep)
    {
    }

    /** Null as long as the roof is not measured. */
    public static function of(Study $study): ?self
    {
        $roof = $study->system->vehicle->roof();

        return $roof === null ? null : self::on($roof, $study->planned());
    }

    /** How many panels of a sheet an empty roof holds; null: it has no size. */
    public static function holds(Roof $roof, DataSheet $panel): ?int
    {
        [$l, $w] = [$panel->number('length_mm'), $panel->number('width_mm')];

        return $l === null || $w === null ? null : self::sheet($roof)->more($l, $w, self::MOST);
    }

    public function coveredM2(): float
    {
        return array_sum(array_map(static fn(array $p): float => $p['l'] * $p['w'] / 1e6, $this->panels));
    }

    /** Panels that lie on one another, on a hatch or over the edge. */
    public function clashes(): int
    {
        return count(array_filter($this->panels, static fn(array $p): bool => $p['clash']));
    }

    private static function on(Roof $roof, Graph $graph): self
    {
        $sheet = self::sheet($roof);
        $panels = $open = [];
        foreach ($graph->of(Family::Panel) as $panel) {
            $data = $panel->data;
            [$l, $w] = [$data->number('length_mm'), $data->number('width_mm')];
            if ($l === null || $w === null || $data->flag('portable') === true) {
                continue;
            }
            [$x, $y] = [$data->number('roof_x_m'), $data->number('roof_y_m')];
            if ($x === null || $y === null) {
                $open[] = [$panel, $l, $w];
                continue;
            }
            $turned = $data->flag('roof_turned') === true;
            $r = ['x' => 1000.0 * $x, 'y' => 1000.0 * $y, 'l' => $turned ? $w : $l, 'w' => $turned ? $l : $w];
            $panels[] = ['part' => $panel, ...$r, 'fixed' => true, 'clash' => !$sheet->isFree($r)];
            $sheet->take($r);
        }
        // The largest first: they find a place hardest. Of the ways to lay them the one that leaves least over, and then least apart.
        usort($open, static fn(array $a, array $b): int => $b[1] * $b[2] <=> $a[1] * $a[2]);
        $best = null;
        foreach (Packing::WAYS as $way) {
            $try = self::laid(clone $sheet, $open, $way);
            $order = [count($try['left']), $try['reach']];
            $best = $best === null || $order < [count($best['left']), $best['reach']] ? $try : $best;
        }
        [$panels, $left, $sheet] = [[...$panels, ...$best['panels']], $best['left'], $best['sheet']];
        $last = $graph->of(Family::Panel)[0] ?? null;
        [$l, $w] = [$last?->data->number('length_mm'), $last?->data->number('width_mm')];

        return new self(
            $roof,
            $panels,
            $left,
            $l === null || $w === null ? null : $sheet->more($l, $w, self::MOST),
            $sheet->more(self::STEP_MM, self::STEP_MM, 1) > 0,
        );
    }

    /**
     * @param list<array{Part, float, float}> $open   part, length, width
     * @param 'either'|'along'|'across'       $way
     *
     * @return array{panels: list<array{part: Part, x: float, y: float, l: float, w: float, fixed: bool, clash: bool}>, left: list<Part>,
     *     sheet: Packing, reach: float}
     */
    private static function laid(Packing $sheet, array $open, string $way): array
    {
        $panels = $left = [];
        $reach = 0.0;
        foreach ($open as [$panel, $l, $w]) {
            $r = $sheet->place($l, $w, $way);
            $r === null ? $left[] = $panel : $panels[] = ['part' => $panel, ...$r, 'fixed' => false, 'clash' => false];
            $reach = max($reach, $r === null ? 0.0 : $r['x'] + $r['l']);
        }

        return ['panels' => $panels, 'left' => $left, 'sheet' => $sheet, 'reach' => $reach];
    }

    private static function sheet(Roof $roof): Packing
    {
        return new Packing($roof->lengthMm, $roof->widthMm, self::EDGE_MM, self::GAP_MM, array_map(
            static fn(array $t): array => ['x' => $t['x'], 'y' => $t['y'], 'l' => $t['l'], 'w' => $t['w']],
            $roof->things,
        ));
    }
}
