<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

/** One line of the log: seconds of any clock, volts, and what else was read. Charging current is above 0. */
final readonly class Reading
{
    public function __construct(public float $atS, public float $volts, public ?float $amps = null, public ?float $celsius = null)
    {
    }
}
