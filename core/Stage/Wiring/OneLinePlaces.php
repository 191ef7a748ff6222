<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Drawing\Layers;

/** Where the boxes of a one-line drawing stand: in lanes from left to right, or, on a phone, downwards. */
final readonly class OneLinePlaces
{
    /** Px between a symbol that stands upright and its words, and between them and what is next. */
    private const BESIDE = 10.0;

    /** Px across a symbol that stands upright, or a line that only passes. */
    private const SYMBOL_W = 14.0;

    /**
     * @param array<string, array{float, float, float, float,
     *     float}> $at  by node: left, top, width, where what leaves it bends, room for a symbol's words
     * @param list<array{name: string, top: float, height: float}> $lanes
     */
    private function __construct(public float $width, public float $height, public array $at, public array $lanes)
    {
    }

    /**
     * Narrower boxes where a layer has many.
     *
     * @param array<string, mixed> $symbols nodes that are drawn upon the line, with their words beside them
     */
    public static function downwards(
        Layers $layout,
        array $symbols,
        float $width,
        float $boxW,
        float $boxH,
        float $gap,
        float $apart,
    ): self {
        $most = max(1, ...array_map(count(...), $layout->layers));
        $w = min($boxW, ($width - 8.0) / $most - $gap);
        $at = [];
        foreach ($layout->layers as $d => $layer) {
            foreach ($layer as $i => $node) {
                $top = 4.0 + $d * ($boxH + $apart);
                $middle = ($i + 0.5) * $width / count($layer);
                // Beside it, up to the next one, or to the edge.
                $next = $layer[$i + 1] ?? null;
                $narrow = $next !== null && (isset($symbols[$next]) || str_starts_with($next, 'edge:'));
                $ends = $next === null ? $width : $middle + $width / count($layer) - ($narrow ? self::SYMBOL_W : $w) / 2.0;
                $room = $ends - $middle - 2.0 * self::BESIDE;
                $at[$node] = [$middle - $w / 2.0, $top, $w, $top + $boxH + self::bend($i), $room];
            }
        }

        return new self($width, 8.0 + count($layout->layers) * ($boxH + $apart) - $apart, $at, []);
    }

    /** Px behind a layer: what leaves different boxes bends at different places. */
    private static function bend(int $i): float
    {
        return 5.0 + 4.0 * ($i % 4);
    }

    /**
     * @param array<string, float> $widths by node
     */
    public static function inLanes(Layers $layout, array $widths, float $boxH, float $gap, float $apart, float $laneTop): self
    {
        $rows = [];
        foreach ($layout->layers as $layer) {
            foreach (array_count_values(array_map(static fn(string $n): int => $layout->lanes[$n] ?? 0, $layer)) as $lane => $count) {
                $rows[$lane] = max($rows[$lane] ?? 0, $count);
            }
        }
        ksort($rows);
        [$lanes, $tops, $height] = [[], [], 0.0];
        foreach ($rows as $lane => $count) {
            $own = $laneTop + $count * ($boxH + $gap);
            $lanes[] = ['name' => OneLine::LANES[$lane], 'top' => $height, 'height' => $own - 4.0];
            $tops[$lane] = [$height + $laneTop, $own - $laneTop];
            $height += $own;
        }
        [$at, $x] = [[], 10.0];
        foreach ($layout->layers as $layer) {
            $w = max([0.0, ...array_map(static fn(string $n): float => $widths[$n], $layer)]);
            $in = [];
            foreach ($layer as $node) {
                $in[$layout->lanes[$node] ?? 0][] = $node;
            }
            foreach ($in as $lane => $nodes) {
                [$top, $room] = $tops[$lane];
                foreach ($nodes as $i => $node) {
                    $own = str_starts_with($node, 'edge:') ? $w : $widths[$node];
                    $y = $top + ($i + 0.5) * $room / count($nodes) - $boxH / 2.0 - $gap / 4.0;
                    $at[$node] = [$x + ($w - $own) / 2.0, $y, $own, $x + $w + self::bend((int) array_search($node, $layer, true)), $own];
                }
            }
            $x += $w + $apart;
        }

        return new self($x - $apart + 10.0, $height, $at, $lanes);
    }
}
