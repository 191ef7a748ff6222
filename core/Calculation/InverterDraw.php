<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Inverter\Inverter;

/** `inverter-draw`: what an inverter takes from the bank for a load at its outlets, and for how long. */
final class InverterDraw implements Calculation
{
    public static function schema(): array
    {
        return Schema::object(
            ['load_w' => Schema::notNegative(), 'dc_v' => Schema::positive(), 'efficiency_pct' => Schema::percent()],
            ['idle_w' => Schema::notNegative(0), 'capacity_wh' => Schema::positive()],
        );
    }

    public static function run(array $in): array
    {
        $inverter = Inverter::of($in['efficiency_pct'], $in['idle_w']);
        $dcW = $inverter->dcWatts($in['load_w']);
        $out = ['dc_a' => $dcW / $in['dc_v'], 'dc_w' => $dcW];
        if (isset($in['capacity_wh'])) {
            $hours = $inverter->runtimeH($in['load_w'], $in['capacity_wh']);
            $out['runtime_h'] = is_finite($hours) ? $hours : null;
        }

        return $out;
    }
}
