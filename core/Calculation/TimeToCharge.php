<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Charging\ChargeTime;

/** `charge-time`: hours of bulk, and in all. */
final class TimeToCharge implements Calculation
{
    public static function schema(): array
    {
        return Schema::object(
            [
                'capacity_ah' => Schema::positive(),
                'from_soc_pct' => Schema::between(0, 100),
                'bulk_to_soc_pct' => Schema::between(0, 100),
                'current_a' => Schema::positive(),
                'absorption_h' => Schema::notNegative(),
            ],
            ['efficiency_pct' => Schema::percent(99), 'rest_h' => Schema::notNegative(0)],
        );
    }

    public static function run(array $in): array
    {
        $time = ChargeTime::of(
            $in['capacity_ah'],
            $in['from_soc_pct'],
            $in['bulk_to_soc_pct'],
            $in['current_a'],
            $in['efficiency_pct'],
            $in['absorption_h'],
            $in['rest_h'],
        );

        return ['bulk_h' => $time->bulkH, 'total_h' => $time->totalH];
    }
}
