<?php

declare(strict_types=1);

namespace Pebblefell\Sizing;

/** One month of sun at the site against what the vehicle uses. Wh are per mean day. */
final readonly class SunMonth
{
    /**
     * @param int $month 1 to 12
     * @param float $neededW infinite where the sun does not rise
     */
    public function __construct(
        public int $month,
        public bool $travelled,
        public float $horizontalKwh,
        public float $planeKwh,
        public float $foundWh,
        public float $plannedWh,
        public float $needWh,
        public float $neededW,
    ) {
    }
}
