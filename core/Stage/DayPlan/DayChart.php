<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Labels;
use Pebblefell\Schedule\Calendar;
use Pebblefell\Schedule\Timetable;

/** The timetable drawn: lanes by who or what does it, hours across, nights shaded and drawn short. */
final readonly class DayChart
{
    /** Px of one lane, and of the bar in it. Chosen. */
    private const LANE = 56.0;
    private const BAR = 30.0;

    /** A bar shorter than this has no word in it, px. Chosen. */
    private const SHORT = 44.0;

    /** An hour in which nobody works is drawn so much shorter. Chosen: a night must be seen, not scrolled over. */
    private const NIGHT = 0.22;

    /**
     * @param list<array{id: string, lane: int, x: float, y: float, width: float, height: float, wait: bool, critical: bool, label: string,
     *     fromH: float, toH: float}> $bars
     * @param list<array{x: float, width: float}>                $nights
     * @param list<array{x: float, h: float, day: bool}>         $ticks   hours; day: the first of one
     * @param list<array{name: string, y: float}>                $lanes
     */
    private function __construct(
        public Frame $frame,
        public array $bars,
        public array $nights,
        public array $ticks,
        public array $lanes,
        public float $finishX,
        public ?float $nowX,
    ) {
    }

    /**
     * @param array<string, array{lane: string, wait: bool, label: string}> $tasks by id; lanes in the order in which they come
     * @param ?float                                            $nowH null: it does not begin yet
     */
    public static function of(Timetable $table, Calendar $calendar, array $tasks, float $fromH, ?float $nowH, bool $narrow): self
    {
        $lanes = array_values(array_unique(array_column($tasks, 'lane')));
        // On a phone a lane's name stands above its bar.
        $frame = Frame::of($narrow, 46.0 + self::LANE * count($lanes) + 22.0, $narrow ? 8.0 : 112.0, 46.0, 8.0, 22.0);
        $from = floor(min($fromH, $nowH ?? $fromH));
        $to = max($table->finishH + 1.0, $from + 6.0);
        $across = self::across($calendar, $from, $to, $frame);
        $bars = [];
        foreach ($table->runs as $id => [$start, $end]) {
            [$x, $right] = [$across($start), $across($end)];
            $lane = (int) array_search($tasks[$id]['lane'], $lanes, true);
            $bars[] = [
                'id' => (string) $id,
                'lane' => $lane,
                'x' => round($x, 1),
                'y' => $frame->top + self::LANE * $lane + ($narrow ? 20.0 : 12.0),
                'width' => round(max(3.0, $right - $x), 1),
                'height' => self::BAR,
                'wait' => $tasks[$id]['wait'],
                'critical' => $table->critical[$id],
                'label' => $right - $x < self::SHORT ? '' : Labels::cut($tasks[$id]['label'], $right - $x - 12.0),
                'fromH' => $start,
                'toH' => $end,
            ];
        }

        return new self(
            $frame,
            $bars,
            self::nights($calendar, $from, $to, $across),
            self::ticks($calendar, $from, $to, $across, $narrow),
            array_map(
                static fn(string $name, int $k): array => ['name' => $name, 'y' => $frame->top + self::LANE * $k],
                $lanes,
                array_keys($lanes),
            ),
            round($across($table->finishH), 1),
            $nowH === null || $nowH < $from || $nowH > $to ? null : round($across($nowH), 1),
        );
    }

    /**
     * @return callable(float): float px of an hour
     */
    private static function across(Calendar $calendar, float $from, float $to, Frame $frame): callable
    {
        // Hours as they are drawn: those of work whole, the others short.
        $drawn = static function (float $h) use ($calendar, $from): float {
            $work = 0.0;
            foreach ($calendar->open as [$a, $b]) {
                $work += max(0.0, min($b, $h) - max($a, $from));
            }

            return $work + self::NIGHT * ($h - $from - $work);
        };
        $scale = $frame->boxWidth() / max(1e-6, $drawn($to));

        return static fn(float $h): float => $frame->left + $drawn(min(max($h, $from), $to)) * $scale;
    }

    /**
     * @param callable(float): float $across
     *
     * @return list<array{x: float, width: float}>
     */
    private static function nights(Calendar $calendar, float $from, float $to, callable $across): array
    {
        $nights = [];
        $end = $from;
        foreach ([...$calendar->open, [$to, $to]] as [$a, $b]) {
            if ($a > $end && $end < $to) {
                $nights[] = ['x' => round($across($end), 1), 'width' => round($across(min($a, $to)) - $across($end), 1)];
            }
            $end = max($end, $b);
        }

        return $nights;
    }

    /**
     * @param callable(float): float $across
     *
     * @return list<array{x: float, h: float, day: bool}>
     */
    private static function ticks(Calendar $calendar, float $from, float $to, callable $across, bool $narrow): array
    {
        $ticks = [];
        $last = -INF;
        $day = null;
        foreach ($calendar->open as [$a, $b]) {
            for ($h = ceil(max($a, $from)); $h < min($b, $to); $h += 1.0) {
                $x = $across($h);
                $new = floor($h / 24.0) !== $day;
                if ($new || ((int) $h % 2 === 0 && $x - $last > ($narrow ? 30.0 : 26.0))) {
                    $ticks[] = ['x' => round($x, 1), 'h' => $h, 'day' => $new];
                    $last = $x;
                    $day = floor($h / 24.0);
                }
            }
        }

        return $ticks;
    }
}
