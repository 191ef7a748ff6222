<?php

declare(strict_types=1);

namespace Pebblefell\Schedule;

/** Several jobs share the people of a workshop: when more are wanted than there are. Hours since a common beginning. */
final class Crew
{
    /**
     * The most people that are wanted at one moment of a stretch.
     *
     * @param list<array{fromH: float, toH: float, people: int}> $stays
     */
    public static function wanted(array $stays, float $fromH, float $toH): int
    {
        $most = 0;
        // Use grows only where some stay begins, or where the stretch does.
        foreach ([$fromH, ...array_column($stays, 'fromH')] as $moment) {
            if ($moment >= $fromH && $moment < $toH) {
                $most = max($most, self::at($stays, $moment));
            }
        }

        return $most;
    }

    /**
     * Stretches in which more are wanted than there are, in their order; what follows at once with as many is one.
     *
     * @param list<array{fromH: float, toH: float, people: int}> $stays
     *
     * @return list<array{fromH: float, toH: float, people: int}>
     */
    public static function over(array $stays, int $crew): array
    {
        $moments = array_values(array_unique([...array_column($stays, 'fromH'), ...array_column($stays, 'toH')]));
        sort($moments);
        $over = [];
        for ($k = 0; $k + 1 < count($moments); ++$k) {
            $people = self::at($stays, $moments[$k]);
            if ($people <= $crew) {
                continue;
            }
            $last = $over === [] ? null : $over[count($over) - 1];
            if ($last !== null && $last['toH'] === $moments[$k] && $last['people'] === $people) {
                $over[count($over) - 1] = ['fromH' => $last['fromH'], 'toH' => $moments[$k + 1], 'people' => $people];
            } else {
                $over[] = ['fromH' => $moments[$k], 'toH' => $moments[$k + 1], 'people' => $people];
            }
        }

        return $over;
    }

    /**
     * @param list<array{fromH: float, toH: float, people: int}> $stays
     */
    private static function at(array $stays, float $moment): int
    {
        return array_sum(array_map(
            static fn(array $s): int => $s['fromH'] <= $moment && $moment < $s['toH'] ? $s['people'] : 0,
            $stays,
        ));
    }
}
