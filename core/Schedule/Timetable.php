<?php

declare(strict_types=1);

namespace Pebblefell\Schedule;

use Pebblefell\Exception\InvalidValue;

/**
 * When each task runs by the clock: work within the hours of a calendar, split over nights; waits around the clock.
 *
 * Serial generation as in Schedule, with the finish of a task read off the calendar. For EXACT tasks or fewer every order is tried; for
 * more the order of Schedule, which knows no nights, and the longest way to the end.
 */
final readonly class Timetable
{
    /** So many tasks are tried in every order. */
    public const EXACT = 7;

    /** A task that ends so much later and moves the finish decides it, h. Chosen: a quarter of an hour. */
    private const LATER_H = 0.25;

    private const HAIR_H = 1e-9;

    /**
     * @param array<string, array{float, float}> $runs     start and end, h, by id
     * @param array<string, bool>                $critical by id
     */
    private function __construct(public array $runs, public array $critical, public float $finishH)
    {
    }

    /**
     * @param list<Task>         $tasks     ids are not numbers
     * @param array<string, int> $resources
     *
     * @throws InvalidValue as Schedule does
     */
    public static function of(array $tasks, array $resources, Calendar $calendar, float $fromH = 0.0): self
    {
        if ($tasks === []) {
            return new self([], [], $fromH);
        }
        $plain = Schedule::of($tasks, $resources);
        $byId = array_column($tasks, null, 'id');
        $order = array_keys($byId);
        usort($order, static fn(string $a, string $b): int => [$plain->startH($a), $a] <=> [$plain->startH($b), $b]);
        $best = self::placed($order, $byId, $resources, $calendar, $fromH);
        foreach (count($byId) <= self::EXACT ? self::orders([], array_keys($byId), $byId) : self::swapped($order) as $other) {
            $tried = self::placed($other, $byId, $resources, $calendar, $fromH);
            if (self::finish($tried) < self::finish($best) - self::HAIR_H) {
                [$best, $order] = [$tried, $other];
            }
        }
        $critical = [];
        foreach ($byId as $id => $task) {
            $later = [...$byId, $id => new Task($id, $task->hours + self::LATER_H, $task->after, $task->uses, $task->waits)];
            $critical[$id] = self::finish(self::placed($order, $later, $resources, $calendar, $fromH)) > self::finish($best) + self::HAIR_H;
        }

        return new self($best, $critical, self::finish($best));
    }

    /**
     * @param array<string, array{float, float}> $runs
     */
    private static function finish(array $runs): float
    {
        return max([0.0, ...array_column($runs, 1)]);
    }

    /**
     * @param list<string>        $order
     * @param array<string, Task> $byId
     * @param array<string, int>  $resources
     *
     * @return array<string, array{float, float}>
     */
    private static function placed(array $order, array $byId, array $resources, Calendar $calendar, float $fromH): array
    {
        $runs = [];
        while ($order !== []) {
            foreach ($order as $k => $id) {
                if (array_diff($byId[$id]->after, array_keys($runs)) === []) {
                    $runs[$id] = self::earliest($byId[$id], $runs, $byId, $resources, $calendar, $fromH);
                    array_splice($order, $k, 1);
                    break;
                }
            }
        }

        return $runs;
    }

    /**
     * @param array<string, array{float, float}> $runs
     * @param array<string, Task>                $byId
     * @param array<string, int>                 $resources
     *
     * @return array{float, float}
     */
    private static function earliest(Task $task, array $runs, array $byId, array $resources, Calendar $calendar, float $fromH): array
    {
        $ready = $fromH;
        foreach ($task->after as $before) {
            $ready = max($ready, $runs[$before][1]);
        }
        $moments = [$ready, ...array_filter(array_column($runs, 1), static fn(float $end): bool => $end > $ready)];
        sort($moments);
        $run = [$ready, $ready];
        foreach ($moments as $moment) {
            $start = $task->waits ? $moment : $calendar->next($moment);
            $run = [$start, $task->waits ? $start + $task->hours : $calendar->after($start, $task->hours)];
            if (self::stands($task, $run, $runs, $byId, $resources)) {
                return $run;
            }
        }

        return $run;
    }

    /**
     * @param array{float, float}                $run
     * @param array<string, array{float, float}> $runs
     * @param array<string, Task>                $byId
     * @param array<string, int>                 $resources
     */
    private static function stands(Task $task, array $run, array $runs, array $byId, array $resources): bool
    {
        foreach (array_filter($task->uses) as $name => $count) {
            $rivals = array_filter(
                $runs,
                static fn(array $r, string $id): bool => ($byId[$id]->uses[$name] ?? 0) > 0
                    && $r[0] < $run[1] - self::HAIR_H && $r[1] > $run[0] + self::HAIR_H,
                ARRAY_FILTER_USE_BOTH,
            );
            foreach ([$run[0], ...array_column($rivals, 0)] as $moment) {
                $moment = max($moment, $run[0]);
                $used = $count;
                foreach ($rivals as $id => $r) {
                    $used += $r[0] <= $moment + self::HAIR_H && $r[1] > $moment + self::HAIR_H ? $byId[$id]->uses[$name] : 0;
                }
                if ($used > $resources[$name]) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * Every order in which each comes after its forerunners.
     *
     * @param list<string>        $begun
     * @param list<string>        $left
     * @param array<string, Task> $byId
     *
     * @return iterable<list<string>>
     */
    private static function orders(array $begun, array $left, array $byId): iterable
    {
        if ($left === []) {
            yield $begun;
        }
        foreach ($left as $k => $id) {
            if (array_diff($byId[$id]->after, $begun) === []) {
                yield from self::orders([...$begun, $id], array_values(array_diff_key($left, [$k => 0])), $byId);
            }
        }
    }

    /**
     * @param list<string> $order
     *
     * @return iterable<list<string>> with two neighbours changed over
     */
    private static function swapped(array $order): iterable
    {
        for ($k = 0; $k + 1 < count($order); ++$k) {
            $other = $order;
            array_splice($other, $k, 2, [$order[$k + 1], $order[$k]]);
            yield $other;
        }
    }
}
