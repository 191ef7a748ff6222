<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

use Pebblefell\Quantity\DayHours;
use Pebblefell\Quantity\Guard;

/** Charge from the alternator while the engine runs, through whatever stands between. */
final readonly class DriveSource
{
    private function __construct(public float $outputA, public DayHours $hours)
    {
    }

    /**
     * @param float    $outputA at the bank: of the DC-DC charger, or what the relay would let through
     * @param DayHours $hours   of a day on which it is driven
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(float $outputA, DayHours $hours): self
    {
        return new self(Guard::notNegative($outputA, '/output_a'), $hours);
    }
}
