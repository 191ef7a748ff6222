<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Bank\ShortCircuit;
use Pebblefell\Conductor\Run;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\ConductorSize;

/** `short-circuit`: what a bank drives into a bolted short, at its take-off and at the end of a path. */
final class Shorts implements Calculation
{
    public static function schema(): array
    {
        return Schema::object(
            BankShare::bank(),
            ['path' => [
                ...Schema::listOf(Schema::object(['size_mm2' => Schema::positive(), 'length_m' => Schema::positive()])),
                'default' => [],
            ]],
        );
    }

    public static function run(array $in): array
    {
        $short = ShortCircuit::of(BankShare::network($in));
        $path = [];
        foreach ($in['path'] as $i => $stretch) {
            try {
                $path[] = Run::of(ConductorSize::ofArea((float) $stretch['size_mm2']), (float) $stretch['length_m']);
            } catch (InvalidValue $e) {
                throw $e->under("/path/$i");
            }
        }

        return ['at_takeoff_a' => $short->currentA(), 'prospective_a' => $short->currentA($path)];
    }
}
