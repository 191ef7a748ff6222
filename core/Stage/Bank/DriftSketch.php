<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank;

use Pebblefell\Bank\BankDrift;
use Pebblefell\Drawing\AxisTick;
use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Labels;
use Pebblefell\Drawing\Path;

/** Amps of each battery through a whole discharge or charge. */
final readonly class DriftSketch
{
    /** Points of a curve at most, and px between the numbers at their ends. Chosen. */
    private const POINTS = 180;
    private const APART = 13.0;

    /**
     * @param list<array{path: string, number: int, y: float}> $curves
     * @param list<AxisTick>                                       $hours
     */
    private function __construct(public Frame $frame, public float $mostA, public float $lastH, public array $curves, public array $hours)
    {
    }

    /**
     * @param list<int> $numbers of the batteries as they are drawn, in the network's order
     */
    public static function of(BankDrift $drift, array $numbers, bool $narrow): self
    {
        $course = $drift->course;
        $last = $course[count($course) - 1]['hours'];
        $most = max([1.0, ...array_map(static fn(array $c): float => max([0.0, ...array_map(abs(...), $c['amps'])]), $course)]);
        $frame = Frame::of($narrow, 190.0, $narrow ? 44.0 : 56.0, 10.0, 30.0, 30.0);
        [$x, $y] = [$frame->across(0.0, max(1e-9, $last)), $frame->up(0.0, $most)];
        $each = max(1, intdiv(count($course), self::POINTS));
        $paths = $ends = [];
        foreach ($numbers as $b => $number) {
            $points = [];
            foreach ($course as $j => $c) {
                if ($j % $each === 0 || $j === count($course) - 1) {
                    $points[] = [$x->at($c['hours']), $y->at(abs($c['amps'][$b]))];
                }
            }
            $paths[] = [Path::line($points), $number];
            $ends[] = $points[count($points) - 1][1] + 4.0;
        }
        $places = Labels::spread($ends, self::APART, $frame->top + 8.0, $frame->bottom + 4.0);
        $curves = array_map(
            static fn(array $p, float $y): array => ['path' => $p[0], 'number' => $p[1], 'y' => round($y, 1)],
            $paths,
            $places,
        );

        return new self($frame, $most, $last, $curves, $x->ticks($narrow ? 3 : 6));
    }
}
