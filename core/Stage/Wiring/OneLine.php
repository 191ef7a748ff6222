<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Drawing\Layers;
use Pebblefell\Drawing\Path;
use Pebblefell\Study;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * The circuit as one line: positive and line sides only, the bank as one box and each array as one, everything else the further from the
 * bank the more it is passed through, in lanes of sun, engine, house and mains. Made from the graph alone; on a phone it runs downwards.
 */
final readonly class OneLine
{
    /** The bank's batteries are one box; so are an array's panels, named by the first of them. */
    public const BANK = 'bank';

    /** From top to bottom. */
    public const LANES = ['sun', 'engine', 'house', 'mains'];

    /** Px: of a box, of a symbol with its words, of a bar; between those of a layer; between layers, where a run's label stands. Chosen. */
    private const BOX_W = 104.0;
    private const SYMBOL_W = 76.0;
    private const BAR_W = 20.0;
    private const BOX_H = 44.0;
    private const GAP = 24.0;
    private const APART = 58.0;
    private const LANE_TOP = 24.0;
    private const PHONE_W = 358.0;

    /** A short circuit leaves room for whole names: so much wider at most, and no wider than the page of a desk, px. Chosen. */
    private const WIDER = 0.9;
    private const DESK_W = 900.0;

    private const DOWN_APART = 46.0;
    private const DOWN_GAP = 8.0;

    /**
     * @param list<array{name: string, top: float, height: float}> $lanes none where it runs downwards
     * @param list<array{uid: string, parts: non-empty-list<Part>, shape: string, x: float, y: float, width: float, height: float,
     *     room: float, mark: string}>                                               $boxes shape: box, fuse, breaker, switch or bar; mark:
     * stays, new or out
     * @param list<array{path: string, ends: list<string>, circuit: string, thin: bool, mark: string, stroke: float, mm2: ?float,
     *     lengthM: ?float, count: int, x: float, y: float}>                                             $runs
     */
    private function __construct(
        public float $width,
        public float $height,
        public bool $upright,
        public array $lanes,
        public array $boxes,
        public array $runs,
        public int $crossings,
    ) {
    }

    /** It fills a desk: there it is shrunk to the page, on a narrow one it is scrolled. */
    public function isLong(): bool
    {
        return !$this->upright && $this->width > self::DESK_W;
    }

    /**
     * Null as long as nothing is drawn.
     *
     * @param bool $returns the negative side in the place of the positive one
     */
    public static function of(Study $study, Shown $shown, bool $narrow, bool $returns = false): ?self
    {
        $graph = $shown->graph($study);
        $names = self::names($study, $graph);
        $groups = [];
        foreach ($graph->conductors as $conductor) {
            [$a, $b] = [$names[$conductor->from->uid], $names[$conductor->to->uid]];
            if ($a !== $b && $graph->side($conductor->from)->isReturn === $returns) {
                $groups[$a < $b ? "$a $b" : "$b $a"][] = $conductor;
            }
        }
        if ($groups === []) {
            return null;
        }
        $edges = $lanes = $parts = [];
        foreach ($groups as $group) {
            $edges[] = [$names[$group[0]->from->uid], $names[$group[0]->to->uid]];
            foreach ($group as $conductor) {
                foreach ([$conductor->from, $conductor->to] as $end) {
                    $lanes[$names[$end->uid]] ??= self::laneOf($graph, $end);
                }
            }
        }
        foreach ($graph->parts as $uid => $part) {
            if (isset($lanes[$names[$uid]])) {
                $parts[$names[$uid]][] = $part;
            }
        }
        $nodes = array_map(strval(...), array_keys($lanes));
        $roots = in_array(self::BANK, $nodes, true) ? [self::BANK] : [];
        $layout = Layers::of($nodes, $edges, $roots, $narrow ? [] : $lanes);
        $places = $narrow ? OneLinePlaces::downwards(
            $layout,
            array_filter($parts, static fn(array $own): bool => self::shape($own[0]) !== 'box'),
            self::PHONE_W,
            self::BOX_W * (1.0 + self::WIDER),
            self::BOX_H,
            self::DOWN_GAP,
            self::DOWN_APART,
        )
            : OneLinePlaces::inLanes($layout, self::widths($layout, $parts), self::BOX_H, self::GAP, self::APART, self::LANE_TOP);

        return self::drawn($study, $shown, $graph, $layout, $places, $parts, array_values($groups), $narrow);
    }

    /**
     * @param array<string, non-empty-list<Part>>    $parts  by node
     * @param list<non-empty-list<Conductor>>        $groups by edge
     */
    private static function drawn(
        Study $study,
        Shown $shown,
        Graph $graph,
        Layers $layout,
        OneLinePlaces $places,
        array $parts,
        array $groups,
        bool $upright,
    ): self {
        $boxes = $runs = [];
        foreach ($parts as $node => $own) {
            $at = $places->at[$node];
            $boxes[] = [
                'uid' => (string) $node,
                'parts' => $own,
                'shape' => self::shape($own[0]),
                'x' => round($at[0], 1),
                'y' => round($at[1], 1),
                'width' => round($at[2], 1),
                'height' => self::BOX_H,
                'room' => self::shape($own[0]) === 'box' ? $at[2] : $at[4],
                'mark' => $shown->mark(array_map(static fn(Part $p): Fate => $p->fate, $own)),
            ];
        }
        foreach ($layout->routes as $i => $route) {
            $way = array_map(static fn(string $n): array => $places->at[$n], $route);
            $runs[] = [
                'ends' => [$route[0], $route[count($route) - 1]],
                ...self::way($way, $upright),
                ...self::run($study, $shown, $graph, $groups[$i]),
            ];
        }

        return new self($places->width, $places->height, $upright, $places->lanes, $boxes, $runs, $layout->crossings());
    }

    /**
     * @return array<string, string> in which box a part stands, by its uid
     */
    private static function names(Study $study, Graph $graph): array
    {
        $names = array_map(static fn(Part $p): string => $p->uid, $graph->parts);
        foreach ($study->banks()->planned->parts as $battery) {
            $names[$battery->uid] = self::BANK;
        }
        foreach ($study->arrays() as $array) {
            foreach ($array->panels as $panel) {
                $names[$panel->uid] = $array->panels[0]->uid;
            }
        }

        return $names;
    }

    private static function laneOf(Graph $graph, Point $end): int
    {
        $part = $graph->parts[$end->uid];
        $lane = match (true) {
            $part->is(Family::SolarRegulator, Family::Panel) => 'sun',
            $part->is(Family::EngineCharger, Family::Alternator) => 'engine',
            $part->kind->isInverter(), $part->kind->isCharger() => 'mains',
            default => match ($graph->side($end)->circuit) {
                CircuitKind::Pv => 'sun',
                CircuitKind::StarterDc => 'engine',
                CircuitKind::ShoreAc, CircuitKind::InverterAc => 'mains',
                default => 'house',
            },
        };

        return (int) array_search($lane, self::LANES, true);
    }

    private static function shape(Part $part): string
    {
        return $part->kind->kind()->shape();
    }

    /**
     * As narrow as a desk asks for; wider where the whole of it leaves room beside itself.
     *
     * @param array<string, non-empty-list<Part>> $parts
     *
     * @return array<string, float>
     */
    private static function widths(Layers $layout, array $parts): array
    {
        $widths = [];
        $named = 0.0;
        $all = self::APART * (count($layout->layers) - 1);
        foreach ($layout->layers as $layer) {
            $widest = 0.0;
            foreach ($layer as $node) {
                $widths[$node] = isset($parts[$node]) ? match (self::shape($parts[$node][0])) {
                    'box' => self::BOX_W,
                    'bar' => self::BAR_W,
                    default => self::SYMBOL_W,
                } : 0.0;
                $widest = max($widest, $widths[$node]);
            }
            $all += $widest;
            $named += $widest > self::BAR_W ? $widest : 0.0;
        }
        $wider = $named > 0.0 ? 1.0 + max(0.0, min(self::WIDER, (self::DESK_W - $all) / $named)) : 1.0;

        return array_map(static fn(float $w): float => $w > self::BAR_W ? $w * $wider : $w, $widths);
    }

    /**
     * The thicker the cable, the thicker its line: px, by the diameter of its copper.
     *
     * @param non-empty-list<?float> $areas mm²
     */
    private static function stroke(array $areas): float
    {
        return round(1.2 + sqrt((float) array_sum($areas)) / 2.4, 1);
    }

    /**
     * @param list<array{float, float, float, float, float}> $places what it passes: left, top, width, bend, room
     *
     * @return array{path: string, x: float, y: float}
     */
    private static function way(array $places, bool $upright): array
    {
        $points = $bends = [];
        foreach ($places as $k => [$x, $y, $w, $bend]) {
            [$in, $out] = $upright
                ? [[$x + $w / 2.0, $y], [$x + $w / 2.0, $y + self::BOX_H]]
                : [[$x, $y + self::BOX_H / 2.0], [$x + $w, $y + self::BOX_H / 2.0]];
            if ($k > 0) {
                $points[] = $in;
            }
            if ($k < count($places) - 1) {
                $points[] = $out;
                $bends[count($points)] = $bend;
            }
        }
        $path = 'M' . Path::number($points[0][0]) . ' ' . Path::number($points[0][1]);
        for ($k = 1; $k < count($points); ++$k) {
            [[$x0, $y0], [$x1, $y1]] = [$points[$k - 1], $points[$k]];
            $path .= $upright
                ? 'V' . Path::number(min($bends[$k] ?? $y1, $y1)) . 'H' . Path::number($x1) . 'V' . Path::number($y1)
                : 'H' . Path::number(min($bends[$k] ?? $x1, $x1)) . 'V' . Path::number($y1) . 'H' . Path::number($x1);
        }
        $end = $points[count($points) - 1];

        return [
            'path' => $path,
            'x' => round($upright ? $end[0] + 4.0 : $end[0] - 4.0, 1),
            'y' => round($upright ? $end[1] - 6.0 : $end[1] - 5.0, 1),
        ];
    }

    /**
     * @param non-empty-list<Conductor> $group
     *
     * @return array{uid: string, circuit: string, thin: bool, mark: string, stroke: float, mm2: ?float, lengthM: ?float, count: int}
     */
    private static function run(Study $study, Shown $shown, Graph $graph, array $group): array
    {
        $areas = array_map(static fn(Conductor $c): ?float => $c->sizeMm2, $group);
        $lengths = array_map(static fn(Conductor $c): ?float => $c->lengthM, $group);
        $thin = $study->cables()->of($group[0])?->isTooThin() === true;

        return [
            'uid' => $group[0]->uid,
            'circuit' => $graph->side($group[0]->from)->circuit->value,
            'thin' => $thin,
            'mark' => $shown->mark(array_map(static fn(Conductor $c): Fate => Shown::fateIn($study, $c), $group)),
            'stroke' => self::stroke($areas),
            'mm2' => in_array(null, $areas, true) ? null : max([0.0, ...$areas]),
            'lengthM' => in_array(null, $lengths, true) ? null : max([0.0, ...$lengths]),
            'count' => count($group),
        ];
    }
}
