<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources;

use Pebblefell\Drawing\Frame;

/** The sun of a mean day in each month, found and planned, against what is needed. */
final readonly class SunSketch
{
    /**
     * @param list<array{month: SunMonth, x: float, mid: float, found: array{float, float}, planned: array{float, float},
     *     ruling: bool}> $months bars as top and height
     */
    private function __construct(
        public Frame $frame,
        public float $each,
        public float $bar,
        public float $need,
        public bool $needStandsClear,
        public float $needWh,
        public float $topWh,
        public array $months,
    ) {
    }

    public static function of(SunSizing $sun, bool $narrow): self
    {
        $need = $sun->months[0]->needWh;
        $top = max([1.0, 1.25 * $need, ...array_map(static fn(SunMonth $m): float => max($m->foundWh, $m->plannedWh), $sun->months)]);
        $frame = Frame::of($narrow, 250.0, $narrow ? 42.0 : 56.0, 16.0, 0.0, 50.0);
        $x = $frame->across(0.0, 12.0);
        $y = $frame->up(0.0, $top);
        $each = $x->length(1.0);

        $months = array_map(static fn(int $i, SunMonth $m): array => [
            'month' => $m, 'x' => $x->at((float) $i), 'mid' => $x->at($i + 0.5), 'found' => [$y->at($m->foundWh), $y->length($m->foundWh)],
            'planned' => [$y->at($m->plannedWh), $y->length($m->plannedWh)], 'ruling' => $m === $sun->ruling,
        ], array_keys($sun->months), $sun->months);

        return new self($frame, $each, round($each * 0.33, 1), $y->at($need), $y->at($need) < $frame->bottom - 14.0, $need, $top, $months);
    }
}
