<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Charging\SolarArray;

/** `array-yield`: Wh that an array brings on a mean day of a month. */
final class ArrayYield implements Calculation
{
    public static function schema(): array
    {
        $schema = SunMonthSum::schema();
        $schema['properties'] += [
            'array_w' => Schema::notNegative(),
            'performance_ratio' => [
                'type' => 'number',
                'exclusiveMinimum' => 0,
                'maximum' => 1,
                'default' => SolarArray::USUAL_PERFORMANCE_RATIO,
            ],
        ];
        $schema['required'][] = 'array_w';

        return $schema;
    }

    public static function run(array $in): array
    {
        [$sun, $plane] = SunMonthSum::sunAndPlane($in);

        return [
            'energy_wh' => SolarArray::of($in['array_w'], $in['performance_ratio'])->yieldWh($plane),
            'global_horizontal_kwh_m2' => $sun->kwh(),
            'plane_kwh_m2' => $plane->kwh,
        ];
    }
}
