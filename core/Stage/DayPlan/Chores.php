<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\Schedule\Task;

/**
 * The run sheet as tasks for a timetable: a phase's steps together, its waits apart. What may run beside something else does: batteries
 * charge on the bench from the first hour, adhesive cures while the rest goes on.
 */
final readonly class Chores
{
    public const CREW = 'crew';
    public const CHARGER = 'charger';

    /** The steps that come before anything is touched. */
    private const GLUE = 'glue';
    private const CURE = 'cure';
    public const CHARGE = 'charge';

    /**
     * @param list<Task> $tasks
     */
    private function __construct(public array $tasks, public int $hands)
    {
    }

    /**
     * Returns what is left of the day.
     *
     * @param int                  $people  in the crew
     * @param array<string, float> $minutes by what is done, as past jobs took; the usual ones where there is none
     * @param ?float               $chargeH hours until the batteries may be joined, by Balance's forecast; null: the usual
     * @param float                $atS     when what is left begins, s since 1970: what was set to cure before that has cured so long
     */
    public static function of(Standing $standing, int $people, array $minutes = [], ?float $chargeH = null, float $atS = INF): self
    {
        $work = $waits = [];
        $hands = 1;
        foreach ($standing->rows as ['step' => $step, 'tick' => $tick]) {
            if ($tick !== null) {
                $left = $step->waitH - ($atS - $tick->atS) / 3600.0;
                if ($step->does === 'glue-panels' && $left > 0.0) {
                    $waits[self::CURE] = $left;
                }
                continue;
            }
            $phase = match (true) {
                $step->does === 'glue-panels' => self::GLUE,
                $step->does === 'lay-panels' => 'roof',
                default => $step->phase->value,
            };
            $usual = Durations::minutes($step->does);
            $of = ($minutes[$step->does] ?? $usual) / $usual * $step->minutes / 60.0;
            // Two who are needed work side by side; more than there are must be found.
            $work[$phase]['hours'] = ($work[$phase]['hours'] ?? 0.0) + $of;
            $work[$phase]['hands'] = max($work[$phase]['hands'] ?? 1, min($step->hands, max(1, $people)));
            $hands = max($hands, $step->hands);
            if ($step->waitH > 0.0) {
                $waits[$step->does === 'glue-panels' ? self::CURE : self::CHARGE] = $step->does === 'balance'
                    ? $chargeH ?? $step->waitH
                    : $step->waitH;
            }
        }
        $after = [
            'before' => [], self::GLUE => ['before'], self::CURE => [self::GLUE], self::CHARGE => ['before'],
            'isolate' => ['before', self::GLUE],
            'strip' => ['isolate'], 'fit' => ['strip'], 'roof' => ['fit', self::CURE], 'balance' => ['fit', self::CHARGE],
            'connect' => ['fit', 'balance'],
            'power' => ['connect', 'roof'], 'close' => ['power'],
        ];
        $there = array_keys([...$work, ...$waits]);
        $tasks = [];
        foreach ($after as $id => $before) {
            if (isset($waits[$id])) {
                $tasks[] = new Task(
                    $id,
                    $waits[$id],
                    self::standing($before, $after, $there),
                    $id === self::CHARGE ? [self::CHARGER => 1] : [],
                    true,
                );
            } elseif (isset($work[$id])) {
                $tasks[] = new Task($id, $work[$id]['hours'], self::standing($before, $after, $there), [self::CREW => $work[$id]['hands']]);
            }
        }

        return new self($tasks, $hands);
    }

    /**
     * Forerunners that are left: where one is done, those that it stood after.
     *
     * @param list<string>                $before
     * @param array<string, list<string>> $after
     * @param list<string>                $there
     *
     * @return list<string>
     */
    private static function standing(array $before, array $after, array $there): array
    {
        $standing = [];
        foreach ($before as $id) {
            array_push($standing, ...(in_array($id, $there, true) ? [$id] : self::standing($after[$id], $after, $there)));
        }

        return array_values(array_unique($standing));
    }
}
