<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Schedule\Schedule;
use Pebblefell\Schedule\Task;

/** `schedule`: when each task runs so that all are done soonest. */
final class Scheduling implements Calculation
{
    public static function schema(): array
    {
        $name = ['type' => 'string', 'minLength' => 1, 'maxLength' => 80];
        $counts = ['type' => 'object', 'additionalProperties' => Schema::whole(0, 1000)];

        return Schema::object([
            'tasks' => Schema::listOf(Schema::object(
                ['id' => $name, 'hours' => Schema::notNegative()],
                ['after' => [...Schema::listOf($name), 'default' => []], 'uses' => $counts],
            )),
            'resources' => $counts,
        ]);
    }

    public static function run(array $in): array
    {
        $schedule = Schedule::of(
            array_values(array_map(
                static fn(array $t): Task => new Task($t['id'], (float) $t['hours'], $t['after'] ?? [], $t['uses'] ?? []),
                $in['tasks'],
            )),
            $in['resources'],
        );

        return [
            'finish_h' => $schedule->finishH,
            'tasks' => array_map(
                static fn(array $t): array => [
                    'id' => $t['id'],
                    'start_h' => $schedule->startH($t['id']),
                    'end_h' => $schedule->startH($t['id']) + $t['hours'],
                    'critical' => $schedule->isCritical($t['id']),
                ],
                $in['tasks'],
            ),
        ];
    }
}
