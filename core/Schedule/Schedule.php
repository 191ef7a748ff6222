<?php

declare(strict_types=1);

namespace Pebblefell\Schedule;

use Pebblefell\Exception\InvalidValue;

/**
 * When each task runs so that all are done soonest, with the people and places that there are.
 *
 * The resource-constrained project scheduling problem: tasks are put one by one, each as early as it can stand (serial generation; some
 * order of tasks gives the least finish, Sprecher, Kolisch & Drexl 1995, from memory). For EXACT tasks or fewer every order is tried, cut
 * off where it cannot get better; for more the order is by the longest way to the end, then improved by moving single tasks.
 */
final readonly class Schedule
{
    /** So many tasks are solved to the least finish. */
    public const EXACT = 8;

    /** Moves of single tasks that are tried for larger plans. Chosen: well under a second. */
    private const MOVES = 400;

    private const HAIR_H = 1e-9;

    /** Stands before an id where it is a key: "7" would become a number. */
    private const KEY = '#';

    /**
     * @param array<string, float> $startH   by key
     * @param array<string, bool>  $critical by key
     */
    private function __construct(public float $finishH, private array $startH, private array $critical)
    {
    }

    public function startH(string $id): float
    {
        return $this->startH[self::KEY . $id];
    }

    /** No later start leaves the finish as it is. */
    public function isCritical(string $id): bool
    {
        return $this->critical[self::KEY . $id];
    }

    /**
     * @param list<Task>         $tasks
     * @param array<string, int> $resources how many there are, by name
     *
     * @throws InvalidValue for unknown or doubled names, a circle, or a task that uses more than there is
     */
    public static function of(array $tasks, array $resources): self
    {
        $byId = self::checked($tasks, $resources);
        $tail = self::tails($byId);
        $order = array_keys($byId);
        usort($order, static fn(string $a, string $b): int => $tail[$b] <=> $tail[$a]);
        $starts = self::placed($order, $byId, $resources);
        $best = [self::finish($starts, $byId), $starts];
        if (count($byId) <= self::EXACT) {
            self::search([], $byId, $resources, $tail, $best);
        } else {
            $best = self::improved($order, $byId, $resources, $tail, $best);
        }

        return new self($best[0], $best[1], self::critical($best[1], $best[0], $byId));
    }

    /**
     * @param list<Task>         $tasks
     * @param array<string, int> $resources
     *
     * @return array<string, Task> by key, with keys in after
     */
    private static function checked(array $tasks, array $resources): array
    {
        $byId = [];
        foreach ($tasks as $i => $task) {
            if (isset($byId[self::KEY . $task->id])) {
                throw InvalidValue::at("/tasks/$i/id", 'is-twice');
            }
            $byId[self::KEY . $task->id] = new Task(
                $task->id,
                $task->hours,
                array_map(static fn(string $id): string => self::KEY . $id, $task->after),
                $task->uses,
            );
        }
        foreach ($tasks as $i => $task) {
            foreach ($task->after as $k => $id) {
                if (!isset($byId[self::KEY . $id])) {
                    throw InvalidValue::at("/tasks/$i/after/$k", 'no-task', ['name' => $id]);
                }
            }
            foreach ($task->uses as $name => $count) {
                if ($count > ($resources[$name] ?? 0)) {
                    throw InvalidValue::at("/tasks/$i/uses/$name", 'too-many');
                }
            }
        }
        self::refuseCircles($tasks, $byId);

        return $byId;
    }

    /**
     * @param list<Task>          $tasks
     * @param array<string, Task> $byId
     */
    private static function refuseCircles(array $tasks, array $byId): void
    {
        $done = [];
        do {
            $before = count($done);
            foreach ($byId as $id => $task) {
                if (!isset($done[$id]) && array_diff($task->after, array_keys($done)) === []) {
                    $done[$id] = true;
                }
            }
        } while (count($done) > $before);
        foreach ($tasks as $i => $task) {
            if (!isset($done[self::KEY . $task->id])) {
                throw InvalidValue::at("/tasks/$i/after", 'circle');
            }
        }
    }

    /**
     * Hours from the start of each task to the end of the longest chain behind it.
     *
     * @param array<string, Task> $byId
     *
     * @return array<string, float>
     */
    private static function tails(array $byId): array
    {
        $tail = array_map(static fn(Task $t): float => $t->hours, $byId);
        for ($pass = 0; $pass < count($byId); ++$pass) {
            foreach ($byId as $id => $task) {
                foreach ($task->after as $before) {
                    $tail[$before] = max($tail[$before], $byId[$before]->hours + $tail[$id]);
                }
            }
        }

        return $tail;
    }

    /**
     * Tasks put in this order, each as early as its forerunners and the resources allow; a task whose forerunners are not there yet waits
     * its turn.
     *
     * @param list<string>        $order
     * @param array<string, Task> $byId
     * @param array<string, int>  $resources
     *
     * @return array<string, float> start by key
     */
    private static function placed(array $order, array $byId, array $resources): array
    {
        $starts = [];
        while ($order !== []) {
            foreach ($order as $k => $id) {
                if (array_diff($byId[$id]->after, array_keys($starts)) === []) {
                    $starts[$id] = self::earliest($byId[$id], $starts, $byId, $resources);
                    array_splice($order, $k, 1);
                    break;
                }
            }
        }

        return $starts;
    }

    /**
     * @param array<string, float> $starts
     * @param array<string, Task>  $byId
     * @param array<string, int>   $resources
     */
    private static function earliest(Task $task, array $starts, array $byId, array $resources): float
    {
        $ready = 0.0;
        foreach ($task->after as $before) {
            $ready = max($ready, $starts[$before] + $byId[$before]->hours);
        }
        $moments = [$ready];
        foreach ($starts as $id => $start) {
            if ($start + $byId[$id]->hours > $ready) {
                $moments[] = $start + $byId[$id]->hours;
            }
        }
        sort($moments);
        foreach ($moments as $moment) {
            if (self::stands($task, $moment, $starts, $byId, $resources)) {
                return $moment;
            }
        }

        return $moments[count($moments) - 1];
    }

    /**
     * Whether the resources are free for the whole of a task.
     *
     * @param array<string, float> $starts
     * @param array<string, Task>  $byId
     * @param array<string, int>   $resources
     */
    private static function stands(Task $task, float $from, array $starts, array $byId, array $resources): bool
    {
        $to = $from + $task->hours;
        foreach ($task->uses as $name => $count) {
            if ($count <= 0) {
                continue;
            }
            $rivals = array_filter(
                $starts,
                static fn(float $s, string $id): bool => ($byId[$id]->uses[$name] ?? 0) > 0
                    && $s < $to - self::HAIR_H
                    && $s + $byId[$id]->hours > $from + self::HAIR_H,
                ARRAY_FILTER_USE_BOTH,
            );
            // Use is largest at the moment some rival begins, or at the start of the task itself.
            foreach ([$from, ...array_values($rivals)] as $moment) {
                $moment = max($moment, $from);
                $used = $count;
                foreach ($rivals as $id => $s) {
                    if ($s <= $moment + self::HAIR_H && $s + $byId[$id]->hours > $moment + self::HAIR_H) {
                        $used += $byId[$id]->uses[$name];
                    }
                }
                if ($used > $resources[$name]) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param array<string, float> $starts
     * @param array<string, Task>  $byId
     */
    private static function finish(array $starts, array $byId): float
    {
        $finish = 0.0;
        foreach ($starts as $id => $start) {
            $finish = max($finish, $start + $byId[$id]->hours);
        }

        return $finish;
    }

    /**
     * Every order, cut off where even without rivals it would end no sooner.
     *
     * @param array<string, float>                 $starts
     * @param array<string, Task>                  $byId
     * @param array<string, int>                   $resources
     * @param array<string, float>                 $tail
     * @param array{float, array<string, float>} $best changed in place
     */
    private static function search(array $starts, array $byId, array $resources, array $tail, array &$best): void
    {
        if (count($starts) === count($byId)) {
            $finish = self::finish($starts, $byId);
            if ($finish < $best[0] - self::HAIR_H) {
                $best = [$finish, $starts];
            }

            return;
        }
        foreach ($byId as $id => $task) {
            if (isset($starts[$id]) || array_diff($task->after, array_keys($starts)) !== []) {
                continue;
            }
            $start = self::earliest($task, $starts, $byId, $resources);
            if ($start + $tail[$id] < $best[0] - self::HAIR_H) {
                self::search([...$starts, $id => $start], $byId, $resources, $tail, $best);
            }
        }
    }

    /**
     * @param list<string>                         $order
     * @param array<string, Task>                  $byId
     * @param array<string, int>                   $resources
     * @param array<string, float>                 $tail
     * @param array{float, array<string, float>} $best
     *
     * @return array{float, array<string, float>}
     */
    private static function improved(array $order, array $byId, array $resources, array $tail, array $best): array
    {
        $least = max([0.0, ...array_values($tail)]);
        $count = count($order);
        for ($move = 0; $move < self::MOVES && $best[0] > $least + self::HAIR_H; ++$move) {
            // A fixed walk through places, so that the same plan always comes out.
            $tried = $order;
            [$task] = array_splice($tried, ($move * 7) % $count, 1);
            array_splice($tried, ($move * 7 + 1 + intdiv($move, $count) * 3) % $count, 0, [$task]);
            $starts = self::placed($tried, $byId, $resources);
            $finish = self::finish($starts, $byId);
            if ($finish <= $best[0] + self::HAIR_H) {
                $order = $tried;
                $best = $finish < $best[0] - self::HAIR_H ? [$finish, $starts] : $best;
            }
        }

        return $best;
    }

    /**
     * Tasks that cannot start later without moving the finish: forerunners, and the order on each resource, kept.
     *
     * @param array<string, float> $starts
     * @param array<string, Task>  $byId
     *
     * @return array<string, bool>
     */
    private static function critical(array $starts, float $finish, array $byId): array
    {
        $latest = [];
        $ids = array_keys($starts);
        usort(
            $ids,
            static fn(string $a, string $b): int => [
                $starts[$b] + $byId[$b]->hours,
                $starts[$b],
            ] <=> [$starts[$a] + $byId[$a]->hours, $starts[$a]],
        );
        do {
            $changed = false;
            foreach ($ids as $id) {
                $end = $finish;
                foreach ($byId as $other => $task) {
                    $shares = array_filter(
                        array_intersect_key($task->uses, $byId[$id]->uses),
                        static fn(int $n): bool => $n > 0,
                    ) !== [] && array_filter(array_intersect_key($byId[$id]->uses, $task->uses), static fn(int $n): bool => $n > 0) !== [];
                    $follows = in_array($id, $task->after, true)
                        || ($other !== $id && $shares && $starts[$other] >= $starts[$id] + $byId[$id]->hours - self::HAIR_H);
                    if ($follows) {
                        $end = min($end, $latest[$other] ?? $finish - $task->hours);
                    }
                }
                $start = $end - $byId[$id]->hours;
                if (!isset($latest[$id]) || $start < $latest[$id] - self::HAIR_H) {
                    $latest[$id] = $start;
                    $changed = true;
                }
            }
        } while ($changed);

        return array_map(
            static fn(string $id): bool => $latest[$id] - $starts[$id] <= self::HAIR_H,
            array_combine(array_keys($byId), array_keys($byId)),
        );
    }
}
