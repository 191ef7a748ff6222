<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Handover;

use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * The system for who drives it: what brings current at the left, the battery behind its switch and fuse in the middle, what it feeds at the
 * right. Boxes and lines; words are the reader's.
 */
final readonly class SimpleSketch
{
    public const WIDTH = 640.0;
    private const BOX_W = 168.0;
    private const BOX_H = 46.0;
    private const GAP = 14.0;

    /**
     * @param list<array{what: string, parts: list<Part>, x: float, y: float, width: float, height: float}> $boxes
     * @param list<array{float, float, float, float}>                                                       $lines x1, y1, x2, y2
     */
    private function __construct(public float $height, public array $boxes, public array $lines)
    {
    }

    /** Null without a bank. */
    public static function of(Study $study): ?self
    {
        $graph = $study->planned();
        $bank = $study->banks()->planned->parts;
        if ($bank === []) {
            return null;
        }
        $panels = $graph->of(Family::Panel);
        $engine = $graph->of(Family::EngineCharger);
        $mains = array_values(array_filter($graph->chargers(), static fn(Part $p): bool => $p->is(Family::MainsCharger)));
        $left = array_filter(['sun' => $panels, 'engine' => $engine, 'mains' => $mains], static fn(array $parts): bool => $parts !== []);
        $inverters = array_values(array_filter($graph->parts, static fn(Part $p): bool => $p->kind->isInverter()));
        $right = array_filter([
            'dc' => $graph->of(Family::DistributionBox, Family::Busbar), 'outlets' => $inverters,
        ], static fn(array $parts): bool => $parts !== []);
        $right = $right === [] ? ['dc' => []] : $right;
        $middle = array_filter([
            'switch' => $graph->of(Family::Switch),
            'fuse' => $graph->of(Family::Fuse),
            'display' => $graph->of(Family::Monitor, Family::Display),
        ], static fn(array $parts): bool => $parts !== []);
        $rows = max(count($left), count($right), 1 + count($middle));
        $height = $rows * (self::BOX_H + self::GAP) + self::GAP;
        $boxes = [
            ...self::column($left, 0.0, $height), ...self::column(
                ['battery' => $bank, ...$middle],
                (self::WIDTH - self::BOX_W) / 2.0,
                $height,
            ),
            ...self::column($right, self::WIDTH - self::BOX_W, $height),
        ];
        $lines = [];
        $battery = array_values(array_filter($boxes, static fn(array $b): bool => $b['what'] === 'battery'))[0];
        $level = $battery['y'] + self::BOX_H / 2.0;
        foreach ($boxes as $box) {
            $isLeft = $box['x'] < 1.0;
            if ($isLeft || $box['x'] > self::WIDTH - self::BOX_W - 1.0) {
                $y = $box['y'] + self::BOX_H / 2.0;
                $from = $isLeft ? self::BOX_W : self::WIDTH - self::BOX_W;
                $turn = $isLeft ? $from + 34.0 : $from - 34.0;
                $lines[] = [$from, $y, $turn, $y];
                $lines[] = [$turn, $y, $turn, $level];
                $lines[] = [$turn, $level, $isLeft ? $battery['x'] : $battery['x'] + self::BOX_W, $level];
            }
        }

        return new self($height, $boxes, $lines);
    }

    /**
     * @param array<string, list<Part>> $column by what it is
     *
     * @return list<array{what: string, parts: list<Part>, x: float, y: float, width: float, height: float}>
     */
    private static function column(array $column, float $x, float $height): array
    {
        $y = ($height - count($column) * self::BOX_H - (count($column) - 1) * self::GAP) / 2.0;
        $boxes = [];
        foreach ($column as $what => $parts) {
            $boxes[] = [
                'what' => $what, 'parts' => $parts, 'x' => $x, 'y' => round($y, 1), 'width' => self::BOX_W, 'height' => self::BOX_H,
            ];
            $y += self::BOX_H + self::GAP;
        }

        return $boxes;
    }
}
