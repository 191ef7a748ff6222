<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Bank\Peukert;

/** `peukert`: hours and Ah at a steady current. */
final class PeukertCapacity implements Calculation
{
    public static function schema(): array
    {
        return Schema::object([
            'capacity_ah' => Schema::positive(),
            'rate_h' => Schema::positive(),
            'exponent' => Schema::between(1, 2),
            'current_a' => Schema::positive(),
        ]);
    }

    public static function run(array $in): array
    {
        $peukert = Peukert::of($in['capacity_ah'], $in['rate_h'], $in['exponent']);

        return ['hours' => $peukert->hours($in['current_a']), 'available_ah' => $peukert->availableAh($in['current_a'])];
    }
}
