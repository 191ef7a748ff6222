<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Charging\ShoreFit;
use Pebblefell\Finding\Finding;

/** `shore`: charging and pass-through on one breaker. */
final class Shore implements Calculation
{
    public static function schema(): array
    {
        return Schema::object([
            'voltage_v' => Schema::positive(),
            'breaker_a' => Schema::positive(),
            'charger_output_a' => Schema::notNegative(),
            'charger_dc_v' => Schema::positive(),
            'charger_efficiency_pct' => Schema::percent(),
            'passthrough_w' => Schema::notNegative(),
        ]);
    }

    public static function run(array $in): array
    {
        $fit = ShoreFit::of(
            $in['voltage_v'],
            $in['breaker_a'],
            $in['charger_output_a'],
            $in['charger_dc_v'],
            $in['charger_efficiency_pct'],
            $in['passthrough_w'],
        );

        return [
            'charger_ac_a' => $fit->chargerAcA,
            'total_ac_a' => $fit->totalAcA,
            'headroom_a' => $fit->headroomA,
            'max_charger_output_a' => $fit->maxChargerOutputA,
            'findings' => array_map(static fn(Finding $f): Said => new Said($f), $fit->findings()),
        ];
    }
}
