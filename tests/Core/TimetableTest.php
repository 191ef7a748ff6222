<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Schedule\Calendar;
use Pebblefell\Schedule\Task;
use Pebblefell\Schedule\Timetable;
use Pebblefell\Schedule\Took;
use PHPUnit\Framework\TestCase;

/** Work by the clock: closed examples by hand, and every order of few tasks, minute by minute. */
final class TimetableTest extends TestCase
{
    /** Three days from 8 to 17 o'clock. */
    private static function days(): Calendar
    {
        return Calendar::of([[8.0, 17.0], [32.0, 41.0], [56.0, 65.0]]);
    }

    public function testWorkIsSplitOverTheNightAndWaitingRunsOn(): void
    {
        $table = Timetable::of([
            new Task('glue', 1.0, [], ['crew' => 1]), new Task('cure', 24.0, ['glue'], [], true),
            new Task('strip', 6.0, ['glue'], ['crew' => 1]), new Task('fit', 5.0, ['strip'], ['crew' => 1]),
            new Task('roof', 1.0, ['fit', 'cure'], ['crew' => 1]),
        ], ['crew' => 1], self::days(), 8.0);
        // 8–9 glue; cure until 9 the next day; strip 9–15; fit 15–17 and 8–11; roof at 11 on the second day: 35.
        self::assertEquals(
            ['glue' => [8.0, 9.0], 'cure' => [9.0, 33.0], 'strip' => [9.0, 15.0], 'fit' => [15.0, 35.0], 'roof' => [35.0, 36.0]],
            $table->runs,
        );
        self::assertSame(36.0, $table->finishH);
        self::assertSame(['glue' => true, 'cure' => false, 'strip' => true, 'fit' => true, 'roof' => true], $table->critical);
    }

    public function testBusyTimeIsTakenOut(): void
    {
        $calendar = Calendar::of([[8.0, 17.0], [32.0, 41.0]], [[10.0, 12.0], [16.0, 33.0], [60.0, 61.0]]);
        self::assertSame([[8.0, 10.0], [12.0, 16.0], [33.0, 41.0]], $calendar->open);
        self::assertSame(14.0, $calendar->after(9.0, 3.0));
        self::assertSame(12.0, $calendar->next(11.0));
        self::assertSame(34.0, $calendar->after(15.5, 1.5));
        self::assertSame(43.0, $calendar->after(33.0, 10.0), 'beyond what is known it goes on');
    }

    /** Up to five random tasks on one or two hands: no start on the quarter hour, tried in every combination, ends sooner. */
    public function testNothingEndsSoonerThanWhatEveryOrderGives(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 40; ++$round) {
            $tasks = [];
            for ($i = 0; $i < 4; ++$i) {
                $after = array_values(
                    array_filter(array_map(static fn(Task $t): string => $t->id, $tasks), static fn(): bool => mt_rand(0, 2) === 0),
                );
                $waits = mt_rand(0, 3) === 0;
                $tasks[] = new Task("t$i", (float) mt_rand(1, $waits ? 16 : 6), $after, $waits ? [] : ['crew' => mt_rand(1, 2)], $waits);
            }
            $table = Timetable::of($tasks, ['crew' => 2], self::days(), 8.0);
            self::assertSame(self::least($tasks, 2), $table->finishH, "round $round");
        }
    }

    /**
     * The least finish by trying every whole hour for each task: hours are whole here, so nothing lies between.
     *
     * @param list<Task>           $tasks
     * @param array<int, int>      $used  hands by hour
     * @param array<string, float> $ends  by task
     */
    private static function least(array $tasks, int $crew, array $used = [], array $ends = [], float $most = INF): float
    {
        if ($tasks === []) {
            return max([0.0, ...array_values($ends)]);
        }
        $best = $most;
        foreach ($tasks as $k => $task) {
            if (array_diff($task->after, array_keys($ends)) !== []) {
                continue;
            }
            $ready = max([8.0, ...array_map(static fn(string $id): float => $ends[$id], $task->after)]);
            for ($start = $ready; $start < 66.0; ++$start) {
                [$left, $hours, $h] = [$task->hours, [], $start];
                while ($left > 0) {
                    $works = $h >= 65 || ($h % 24 >= 8 && $h % 24 < 17);
                    if ($task->waits || $works) {
                        $left -= 1.0;
                    }
                    // Hands are held from the first hour to the last, a night between them included.
                    $hours[] = $h++;
                }
                if (!$task->waits && !in_array($start % 24, range(8, 16), true)) {
                    continue;
                }
                if ($h >= $best) {
                    break;
                }
                $more = $used;
                foreach ($task->waits ? [] : $hours as $each) {
                    $more[(int) $each] = ($more[(int) $each] ?? 0) + $task->uses['crew'];
                }
                if ($more === [] || max($more) <= $crew) {
                    $best = min(
                        $best,
                        self::least(array_values(array_diff_key($tasks, [$k => 0])), $crew, $more, [...$ends, $task->id => $h], $best),
                    );
                }
            }
        }

        return $best;
    }

    /** R's quantile(x, c(.25, .5, .75), type = 7): 1:4 gives 1.75, 2.5, 3.25; c(2, 9, 10) gives 5.5, 9, 9.5 (from memory). */
    public function testWhatJobsTookIsToldByItsMiddle(): void
    {
        $took = Took::of([4.0, 1.0, 3.0, 2.0]);
        self::assertSame([1.75, 2.5, 3.25, 4], [$took->low, $took->median, $took->high, $took->count]);
        $odd = Took::of([10.0, 2.0, 9.0]);
        self::assertSame([5.5, 9.0, 9.5, 3], [$odd->low, $odd->median, $odd->high, $odd->count]);
        $one = Took::of([7.0]);
        self::assertSame([7.0, 7.0, 7.0], [$one->low, $one->median, $one->high]);
        // One job that went badly wrong does not move the middle.
        self::assertSame(20.0, Took::of([19.0, 20.0, 21.0, 20.0, 900.0])->median);
    }
}
