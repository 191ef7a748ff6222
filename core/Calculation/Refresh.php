<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Bank\RefreshCharge;

/** `refresh-charge`: volts, least current and hours for a lead bank. */
final class Refresh implements Calculation
{
    public static function schema(): array
    {
        return Schema::object(['cells' => Schema::whole(1, 1000), 'c10_ah' => Schema::positive()]);
    }

    public static function run(array $in): array
    {
        $charge = RefreshCharge::of($in['cells'], $in['c10_ah']);

        return ['voltage_v' => $charge->voltageV, 'min_current_a' => $charge->minCurrentA, 'hours' => RefreshCharge::HOURS];
    }
}
