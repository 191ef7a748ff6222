<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources;

use Pebblefell\Drawing\Frame;
use Pebblefell\Outlook\YearMonth;
use Pebblefell\Outlook\YearOutlook;

/**
 * A mean day of each month, stacked: what sun, driving and hook-up bring, what is wasted, what was asked for and what of it was missing.
 */
final readonly class YearSketch
{
    /**
     * @param list<array{month: YearMonth, x: float, mid: float, bars: array<string, array{float, float}>, asked: ?float,
     *     missing: ?array{float, float}}> $months bars by source: top and height
     */
    private function __construct(public Frame $frame, public float $bar, public float $mark, public float $topWh, public array $months)
    {
    }

    public static function of(YearOutlook $year, bool $narrow): self
    {
        $most = max([
            1.0,
            ...array_map(static fn(YearMonth $m): float => max($m->offeredWh + $m->alternatorWh + $m->shoreWh, $m->askedWh), $year->months),
        ]);
        $frame = Frame::of($narrow, 236.0, $narrow ? 30.0 : 56.0, 16.0, 0.0, 46.0);
        $x = $frame->across(0.0, 12.0);
        $y = $frame->up(0.0, 1.02 * $most);
        $each = $x->length(1.0);
        $bar = round($each * 0.48, 1);
        $months = [];
        foreach ($year->months as $i => $m) {
            $bars = [];
            $stack = 0.0;
            foreach ([
                'solar' => $m->solarWh,
                'alternator' => $m->alternatorWh,
                'shore' => $m->shoreWh,
                'wasted' => max(0.0, $m->wastedWh()),
            ] as $source => $wh) {
                $bars[$source] = [$y->at($stack + $wh), $y->length($wh)];
                $stack += $wh;
            }
            $months[] = [
                'month' => $m, 'x' => round($x->at((float) $i) + $each * 0.1, 1), 'mid' => $x->at($i + 0.45), 'bars' => $bars,
                'asked' => $m->travelled ? $y->at($m->askedWh) : null,
                'missing' => $m->travelled && $m->unservedWh > 0.5 ? [$y->at($m->askedWh), max(2.0, $y->length($m->unservedWh))] : null,
            ];
        }

        return new self($frame, $bar, round($each * 0.25, 1), $most, $months);
    }
}
