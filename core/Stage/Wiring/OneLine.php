<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Circuit\CableRun;
use Pebblefell\Drawing\Layers;
use Pebblefell\Drawing\Path;
use Pebblefell\Study;
use Pebblefell\System\Circuit;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;

/**
 * The planned circuit as one line: positive and line sides only, the bank as one box, everything else the further from it the more it is
 * passed through. Made from the graph alone; on a phone, and where it is too long for a desk, it runs downwards.
 */
final readonly class OneLine
{
    /** The bank's batteries are one box. */
    public const BANK = 'bank';

    /** Px: of a box, between boxes of a layer, and between layers. Chosen; a run's label stands in the gap. */
    private const BOX_W = 128.0;
    private const BOX_H = 40.0;
    private const GAP = 22.0;
    private const APART = 112.0;
    private const DESK_W = 912.0;
    private const PHONE_W = 358.0;
    private const DOWN_APART = 52.0;
    private const DOWN_GAP = 8.0;

    /**
     * @param list<array{uid: string, part: ?Part, x: float, y: float, width: float, height: float,
     *     isNew: bool}>                        $boxes part: null for the bank
     * @param list<array{path: string, ends: list<string>, circuit: string, thin: bool, isNew: bool, mm2: ?float, lengthM: ?float, count: int, x: float,
     *     y: float}> $runs
     */
    private function __construct(
        public float $width,
        public float $height,
        public bool $upright,
        public bool $labelled,
        public array $boxes,
        public array $runs,
        public int $crossings,
    ) {
    }

    /** Null as long as nothing is drawn. */
    public static function of(Study $study, bool $narrow): ?self
    {
        $graph = $study->planned();
        $bank = array_fill_keys(array_map(static fn(Part $p): string => $p->uid, $study->banks()->planned->parts), true);
        $name = static fn(Point $p): string => isset($bank[$p->uid]) ? self::BANK : $p->uid;
        $groups = [];
        foreach ($graph->conductors as $conductor) {
            [$a, $b] = [$name($conductor->from), $name($conductor->to)];
            if ($a !== $b && !self::isReturn($graph, $conductor)) {
                $groups[$a < $b ? "$a $b" : "$b $a"][] = $conductor;
            }
        }
        if ($groups === []) {
            return null;
        }
        $edges = $nodes = [];
        foreach ($groups as $group) {
            $edges[] = $edge = [$name($group[0]->from), $name($group[0]->to)];
            foreach ($edge as $node) {
                $nodes[$node] = true;
            }
        }
        $nodes = array_map(strval(...), array_keys($nodes));
        $layout = Layers::of($nodes, $edges, in_array(self::BANK, $nodes, true) ? [self::BANK] : []);

        return self::drawn($study, $graph, $layout, array_values($groups), $narrow);
    }

    /**
     * @param list<non-empty-list<Conductor>> $groups by edge
     */
    private static function drawn(Study $study, Graph $graph, Layers $layout, array $groups, bool $narrow): self
    {
        $most = max(1, ...array_map(count(...), $layout->layers));
        $depth = count($layout->layers);
        $long = 8.0 + $depth * (self::BOX_W + self::APART) - self::APART;
        $upright = $narrow || $long > self::DESK_W;
        [$w, $h] = [$narrow ? min(self::BOX_W, (self::PHONE_W - 8.0) / $most - self::DOWN_GAP) : self::BOX_W, self::BOX_H];
        $across = $upright
            ? max($narrow ? self::PHONE_W : 0.0, 8.0 + $most * ($w + self::DOWN_GAP))
            : $most * ($h + self::GAP);
        $place = $boxes = [];
        foreach ($layout->layers as $d => $layer) {
            foreach ($layer as $i => $node) {
                $middle = ($i + 0.5) * $across / count($layer);
                $along = $upright ? 4.0 + $d * ($h + self::DOWN_APART) : 4.0 + $d * ($w + self::APART);
                $place[$node] = $upright ? [$middle - $w / 2.0, $along] : [$along, $middle - $h / 2.0];
                $part = $graph->parts[$node] ?? null;
                if ($part !== null || $node === self::BANK) {
                    $boxes[] = [
                        'uid' => $node,
                        'part' => $part,
                        'x' => round($place[$node][0], 1),
                        'y' => round($place[$node][1], 1),
                        'width' => round($w, 1),
                        'height' => $h,
                        'isNew' => $part?->fate === Fate::Add,
                    ];
                }
            }
        }
        $runs = [];
        foreach ($layout->routes as $i => $route) {
            $runs[] = [
                'ends' => [$route[0], $route[count($route) - 1]],
                ...self::run($study, $groups[$i], array_map(static fn(string $n): array => $place[$n], $route), $w, $h, $upright),
            ];
        }

        return new self(
            round($upright ? $across : $long, 1),
            round($upright ? 8.0 + $depth * ($h + self::DOWN_APART) - self::DOWN_APART : $across, 1),
            $upright,
            !$narrow,
            $boxes,
            $runs,
            $layout->crossings(),
        );
    }

    /**
     * @param non-empty-list<Conductor>  $group
     * @param list<array{float, float}>  $places upper left corners that it passes
     *
     * @return array{path: string, circuit: string, thin: bool, isNew: bool, mm2: ?float, lengthM: ?float, count: int,
     *     x: float, y: float}
     */
    private static function run(Study $study, array $group, array $places, float $w, float $h, bool $upright): array
    {
        $points = [];
        foreach ($places as $k => [$x, $y]) {
            [$in, $out] = $upright ? [[$x + $w / 2.0, $y], [$x + $w / 2.0, $y + $h]] : [[$x, $y + $h / 2.0], [$x + $w, $y + $h / 2.0]];
            if ($k > 0) {
                $points[] = $in;
            }
            if ($k < count($places) - 1) {
                $points[] = $out;
            }
        }
        $path = 'M' . Path::number($points[0][0]) . ' ' . Path::number($points[0][1]);
        for ($k = 1; $k < count($points); ++$k) {
            [[$x0, $y0], [$x1, $y1]] = [$points[$k - 1], $points[$k]];
            $bend = $upright ? ($y0 + $y1) / 2.0 : $x0 + 14.0;
            $path .= $upright
                ? 'V' . Path::number($bend) . 'H' . Path::number($x1) . 'V' . Path::number($y1)
                : 'H' . Path::number($bend) . 'V' . Path::number($y1) . 'H' . Path::number($x1);
        }
        $end = $points[count($points) - 1];
        $areas = array_map(static fn(Conductor $c): ?float => $c->sizeMm2, $group);
        $lengths = array_map(static fn(Conductor $c): ?float => $c->lengthM, $group);
        $thin = array_filter(
            $study->runs()->runs,
            static fn(CableRun $r): bool => in_array($group[0], $r->conductors, true) && $r->isTooThin(),
        ) !== [];

        return [
            'path' => $path,
            'circuit' => self::circuitOf($study->planned(), $group[0]),
            'thin' => $thin,
            'isNew' => $group[0]->fate === Fate::Add,
            'mm2' => in_array(null, $areas, true) ? null : max([0.0, ...$areas]),
            'lengthM' => in_array(null, $lengths, true) ? null : max([0.0, ...$lengths]),
            'count' => count($group),
            'x' => round($upright ? $end[0] + 4.0 : $end[0] - 6.0, 1),
            'y' => round($upright ? $end[1] - 6.0 : $end[1] - 5.0, 1),
        ];
    }

    /** The way back: it lies beside the one that is drawn. */
    private static function isReturn(Graph $graph, Conductor $conductor): bool
    {
        foreach ([$conductor->from, $conductor->to] as $end) {
            if (str_ends_with($end->terminal, 'minus')) {
                return true;
            }
        }

        return false;
    }

    /** The first end that belongs to one says which circuit it is; else the house's. */
    private static function circuitOf(Graph $graph, Conductor $conductor): string
    {
        foreach ([$conductor->from, $conductor->to] as $end) {
            $circuit = ($graph->parts[$end->uid]->kind->terminals()[$end->terminal] ?? null)?->circuit;
            if ($circuit !== null && $circuit !== Circuit::Any && $graph->parts[$end->uid]->kind !== PartKind::Battery) {
                return $circuit->value;
            }
        }

        return Circuit::HouseDc->value;
    }
}
