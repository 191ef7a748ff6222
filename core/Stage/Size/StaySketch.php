<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Drawing\AxisTick;
use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Path;
use Pebblefell\Trip\DaySum;
use Pebblefell\Trip\Outcome;

/** The typical stay, drawn: charge over the days with the old bank and the new one, the sun of each day beneath. */
final readonly class StaySketch
{
    /** Points of a curve at most, and px of the tallest day's sun. Chosen. */
    private const POINTS = 420;
    private const SUN = 34.0;

    /**
     * @param list<array{day: DaySum, x: float, width: float, mid: float, offered: array{float, float}, used: array{float,
     *     float}}> $days places of each; sun as top and height
     * @param list<AxisTick>            $charges %
     * @param array<string, string> $curves  found and planned, path data
     */
    private function __construct(
        public Frame $frame,
        public float $floor,
        public float $sunFloor,
        public float $barX,
        public float $barWidth,
        public array $days,
        public array $charges,
        public array $curves,
    ) {
    }

    public static function of(StayOutlook $stay, bool $narrow): ?self
    {
        $one = $stay->planned ?? $stay->found;
        if ($one === null) {
            return null;
        }
        $frame = Frame::of($narrow, 230.0, $narrow ? 42.0 : 56.0, 10.0, $narrow ? 4.0 : 20.0, 76.0);
        $x = $frame->across(0.0, (float) count($one->days));
        $y = $frame->up(0.0, 100.0);
        $sunFloor = $frame->height - 20.0;
        $most = max(1.0, ...array_map(static fn(DaySum $d): float => $d->solarOfferedWh(), $one->days));
        $width = $x->length(1.0);
        $bar = static fn(float $wh): array => [round($sunFloor - $wh / $most * self::SUN, 1), round($wh / $most * self::SUN, 1)];
        $days = [];
        foreach ($one->days as $i => $day) {
            $days[] = [
                'day' => $day,
                'x' => $x->at((float) $i),
                'width' => $width,
                'mid' => $x->at($i + 0.5),
                'offered' => $bar($day->solarOfferedWh()),
                'used' => $bar($day->solarWh),
            ];
        }
        $curve = static function (Outcome $outcome) use ($frame, $y): string {
            $steps = count($outcome->socPct) - 1;
            $at = $frame->across(0.0, (float) max(1, $steps));
            $points = [];
            for ($i = 0; $i <= $steps; $i += max(1, intdiv($steps, self::POINTS))) {
                $points[] = [$at->at((float) $i), $y->at($outcome->socPct[$i])];
            }

            return Path::line($points);
        };

        return new self(
            $frame,
            $frame->bottom,
            $sunFloor,
            round($width * 0.2, 1),
            round($width * 0.6, 1),
            $days,
            $y->ticksAt([0, 50, 100]),
            array_map($curve, array_filter(['found' => $stay->found, 'planned' => $stay->planned])),
        );
    }
}
