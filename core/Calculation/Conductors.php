<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Conductor\Ampacity;
use Pebblefell\Conductor\ConductorChoice;

/** `conductor`: the smallest standard size for a current. */
final class Conductors implements Calculation
{
    public static function schema(): array
    {
        $positive = Schema::positive();

        return Schema::object(
            [
                'current_a' => $positive,
                'length_m' => $positive,
                'system_v' => $positive,
                'max_drop_pct' => Schema::percent(),
                'insulation_c' => ['type' => 'integer', 'enum' => Ampacity::INSULATION_C],
                'units' => Schema::oneOf('mm2', 'awg'),
            ],
            [
                'ambient_c' => Schema::between(-60, 104, 30.0),
                'grouped' => [...Schema::whole(1, 100), 'default' => 1],
                'conductor_c' => Schema::between(-60, 200, 20.0),
            ],
        );
    }

    public static function run(array $in): array
    {
        $choice = ConductorChoice::of(
            (float) $in['current_a'],
            (float) $in['length_m'],
            (float) $in['system_v'],
            (float) $in['max_drop_pct'],
            $in['insulation_c'],
            (float) $in['ambient_c'],
            $in['grouped'],
            (float) $in['conductor_c'],
            $in['units'] === 'awg',
        );

        return [
            'size_mm2' => $choice->run->size->areaMm2,
            'designation' => $choice->designation,
            'resistance_ohm' => $choice->run->resistanceOhm($choice->conductorC),
            'drop_v' => $choice->dropV(),
            'drop_pct' => $choice->dropPct(),
            'ampacity_a' => $choice->ampacityA,
            'limited_by' => $choice->byDrop ? 'drop' : 'ampacity',
        ];
    }
}
