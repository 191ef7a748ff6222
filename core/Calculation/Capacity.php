<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Bank\CapacityTest;

/** `capacity-test`: what a discharge gave until its end. */
final class Capacity implements Calculation
{
    public static function schema(): array
    {
        return Schema::object([
            'readings' => Schema::listOf(Schema::object([
                't_s' => ['type' => 'number'],
                'volts' => Schema::notNegative(),
                'amps' => ['type' => 'number'],
            ])),
            'end_v' => Schema::positive(),
            'capacity_ah' => Schema::positive(),
        ]);
    }

    public static function run(array $in): array
    {
        $test = CapacityTest::of(
            array_values(array_map(
                static fn(array $r): array => ['t_s' => (float) $r['t_s'], 'volts' => (float) $r['volts'], 'amps' => (float) $r['amps']],
                $in['readings'],
            )),
            (float) $in['end_v'],
        );

        return [
            'ah' => $test->ah,
            'wh' => $test->wh,
            'hours' => $test->hours,
            'reached_end' => $test->reachedEnd,
            'pct' => 100.0 * $test->ah / $in['capacity_ah'],
        ];
    }
}
