<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Bank\BankNeed;

/** `bank-size`: capacity for so many days without charge. */
final class BankSize implements Calculation
{
    public static function schema(): array
    {
        return Schema::object(
            [
                'energy_wh_day' => Schema::notNegative(),
                'days' => Schema::positive(),
                'usable_pct' => Schema::percent(),
                'system_v' => Schema::positive(),
            ],
            ['min_temperature_factor' => ['type' => 'number', 'exclusiveMinimum' => 0, 'maximum' => 1, 'default' => 1.0]],
        );
    }

    public static function run(array $in): array
    {
        $need = BankNeed::of($in['energy_wh_day'], $in['days'], $in['usable_pct'], $in['min_temperature_factor'], $in['system_v']);

        return ['capacity_wh' => $need->capacityWh, 'capacity_ah' => $need->capacityAh];
    }
}
