<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

/** One line of the log: seconds of any clock, volts, and what else was read. Charging current is above 0. */
final readonly class BatteryReading
{
    /**
     * @param ?list<float> $cells volts of each cell, from the negative end; null: no cell meter
     */
    public function __construct(
        public float $atS,
        public float $volts,
        public ?float $amps = null,
        public ?float $celsius = null,
        public ?array $cells = null,
    ) {
    }

    /** mV between the highest and the lowest cell; null: no cell meter. */
    public function spreadMv(): ?float
    {
        return $this->cells === null || $this->cells === [] ? null : 1000.0 * (max($this->cells) - min($this->cells));
    }
}
