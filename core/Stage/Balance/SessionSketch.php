<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Balance;

use Pebblefell\Balance\BatteryReading;
use Pebblefell\Drawing\AxisTick;
use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Labels;
use Pebblefell\Drawing\Path;
use Pebblefell\Drawing\Scale;

/** The volts of each battery over time, with where they are going and the band between the highest and the lowest. */
final readonly class SessionSketch
{
    /** The sheet reaches no further ahead than this, s; and shows this much at least. Chosen. */
    private const AHEAD_S = 86_400.0;
    private const LEAST_S = 600.0;

    /** Px between a curve's end and the number before it. Chosen. */
    private const BESIDE = 20.0;

    /** Times that read well, s. Chosen. */
    private const STEPS_S = [600.0, 1800.0, 3600.0, 7200.0, 10_800.0, 21_600.0, 43_200.0, 86_400.0, 172_800.0];

    /**
     * @param list<array{number: int, path: string, x: float, y: float, lone: bool, ahead: ?array{path: string, x: float, y: float},
     *     labelX: float, labelY: float}> $curves
     * @param list<string> $bands
     * @param list<AxisTick>   $volts
     * @param list<AxisTick>   $times value in seconds since 1970
     */
    private function __construct(
        public Frame $frame,
        public array $curves,
        public array $bands,
        public array $volts,
        public array $times,
        public float $now,
    ) {
    }

    /**
     * @param list<array{readings: list<BatteryReading>, readyAtS: ?float,
     *     towardsV: ?float}> $batteries readyAtS and towardsV where it is on its way
     * @param list<list<array{float, float, float}>> $bands second, V low, V high
     * @param float $offsetS of the workshop's clock, so that the marks lie on its full hours
     */
    public static function of(array $batteries, array $bands, float $nowS, float $offsetS, bool $narrow): ?self
    {
        $all = array_merge(...array_column($batteries, 'readings'));
        if ($all === []) {
            return null;
        }
        $times = array_map(static fn(BatteryReading $r): float => $r->atS, $all);
        $volts = array_map(static fn(BatteryReading $r): float => $r->volts, $all);
        $from = min($times);
        $to = max(
            max($times),
            $from + self::LEAST_S,
            ...array_map(static fn(array $b): float => min($b['readyAtS'] ?? 0.0, $nowS + self::AHEAD_S), $batteries),
        );
        $low = min($volts) - 0.05;
        $frame = Frame::of($narrow, 230.0, $narrow ? 46.0 : 60.0, 15.0, $narrow ? 12.0 : 26.0, 40.0);
        [$x, $y] = [$frame->across($from, $to), $frame->up($low, max(max($volts) + 0.05, $low + 0.3))];
        $curves = [];
        foreach ($batteries as $k => $battery) {
            if ($battery['readings'] !== []) {
                $curves[] = self::curve($k, $battery, $x, $y, $nowS, $to, $low);
            }
        }

        // A curve's number stands beside its end, before it where there is room, none over another.
        $ends = Labels::spread(array_map(static fn(array $c): float => $c['y'] - 6.0, $curves), 14.0, $frame->top + 10.0, $frame->bottom);
        foreach ($curves as $i => $curve) {
            $curves[$i] += [
                'labelX' => $curve['x'] - self::BESIDE > $frame->left + 4.0 ? $curve['x'] - self::BESIDE : $curve['x'] + 8.0,
                'labelY' => round($ends[$i], 1),
            ];
        }

        return new self(
            $frame,
            $curves,
            array_map(
                static fn(array $band): string => Path::band(array_map(
                    static fn(array $p): array => [$x->at($p[0]), $y->at($p[2]), $y->at($p[1])],
                    $band,
                )),
                $bands,
            ),
            $y->ticks(6),
            self::times($x, $from, $to, $offsetS, $narrow ? 4 : 8),
            $x->at($nowS),
        );
    }

    /**
     * @param array{readings: list<BatteryReading>, readyAtS: ?float, towardsV: ?float} $battery
     *
     * @return array{number: int, path: string, x: float, y: float, lone: bool, ahead: ?array{path: string, x: float, y: float}}
     */
    private static function curve(int $k, array $battery, Scale $x, Scale $y, float $nowS, float $to, float $low): array
    {
        $points = array_map(static fn(BatteryReading $r): array => [$x->at($r->atS), $y->at($r->volts)], $battery['readings']);
        [$lastX, $lastY] = $points[count($points) - 1];
        $ahead = null;
        if ($battery['readyAtS'] !== null && $battery['towardsV'] !== null && $battery['readyAtS'] > $nowS && $battery['readyAtS'] <= $to) {
            $end = [$x->at($battery['readyAtS']), $y->at(max($low, min($y->high, $battery['towardsV'])))];
            $ahead = ['path' => Path::line([[$lastX, $lastY], $end]), 'x' => $end[0], 'y' => $end[1]];
        }

        return [
            'number' => $k + 1,
            'path' => Path::line($points),
            'x' => $lastX,
            'y' => $lastY,
            'lone' => count($points) === 1,
            'ahead' => $ahead,
        ];
    }

    /**
     * @return list<AxisTick>
     */
    private static function times(Scale $x, float $from, float $to, float $offsetS, int $most): array
    {
        $step = self::STEPS_S[count(self::STEPS_S) - 1];
        foreach (array_reverse(self::STEPS_S) as $candidate) {
            $step = ($to - $from) / $candidate <= $most ? $candidate : $step;
        }
        $ticks = [];
        for ($t = ceil(($from + $offsetS) / $step) * $step - $offsetS; $t <= $to; $t += $step) {
            $ticks[] = new AxisTick($t, $x->at($t));
        }

        return $ticks;
    }
}
