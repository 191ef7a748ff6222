<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Conductor\FuseChoice;
use Pebblefell\Finding\Finding;

/** `fuse`: the fuse for a load, its conductor and its place. */
final class Fuses implements Calculation
{
    public static function schema(): array
    {
        return Schema::object([
            'load_a' => Schema::positive(),
            'continuous' => ['type' => 'boolean'],
            'ampacity_a' => Schema::positive(),
            'system_v' => Schema::positive(),
            'prospective_short_a' => Schema::notNegative(),
        ]);
    }

    public static function run(array $in): array
    {
        $choice = FuseChoice::of(
            (float) $in['load_a'],
            $in['continuous'],
            (float) $in['ampacity_a'],
            (float) $in['system_v'],
            (float) $in['prospective_short_a'],
        );

        return [
            'rating_a' => $choice->ratingA,
            'family' => $choice->family?->value,
            'interrupt_a' => $choice->interruptA(),
            'fits' => $choice->fits(),
            'findings' => array_map(static fn(Finding $f): Said => new Said($f), $choice->findings()),
        ];
    }
}
