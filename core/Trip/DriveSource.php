<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

use Pebblefell\Quantity\DayHours;
use Pebblefell\Quantity\Guard;

/** Charge from the alternator while the engine runs, through whatever stands between. */
final readonly class DriveSource
{
    private function __construct(public float $outputA, public DayHours $hours, public float $besideSunA)
    {
    }

    /**
     * @param float    $outputA at the bank: of the DC-DC charger, or what the relay would let through
     * @param DayHours $hours   of a day on which it is driven
     * @param ?float   $besideSunA of it, what is left while the sun charges: inputs of one box may exclude one another; null: all
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(float $outputA, DayHours $hours, ?float $besideSunA = null): self
    {
        $beside = Guard::between($besideSunA ?? $outputA, 0.0, Guard::notNegative($outputA, '/output_a'), '/output_a');

        return new self($outputA, $hours, $beside);
    }
}
