<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

/** Tells what one simulated day brought and took, Wh at the house bus. */
final readonly class DaySum
{
    public function __construct(
        public TripDay $day,
        public float $solarWh,
        public float $alternatorWh,
        public float $shoreWh,
        public float $generatorWh,
        public float $curtailedWh,
        public float $clippedWh,
        public float $servedWh,
        public float $unservedWh,
        public float $heaterWh,
        public float $lowestSocPct,
        public float $coldBlockedH,
        public float $coldLostWh,
    ) {
    }

    /** All that was asked for was there. */
    public function isServed(): bool
    {
        return $this->unservedWh <= 1e-6;
    }

    /** Sun that was offered: used and not used. */
    public function solarOfferedWh(): float
    {
        return $this->solarWh + $this->curtailedWh;
    }

    public function inWh(): float
    {
        return $this->solarWh + $this->alternatorWh + $this->shoreWh + $this->generatorWh;
    }
}
