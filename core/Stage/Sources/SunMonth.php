<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources;

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

    /**
     * W of array that the sun alone would take, short enough to stand under a column: "870", or "0.9" in kW; "–" where it is more than a
     * roof holds.
     */
    public function neededShort(float $roofW, bool $kilo = false): string
    {
        return match (true) {
            $this->neededW > $roofW => '–',
            $kilo => sprintf('%.1f', $this->neededW / 1000.0),
            $this->neededW >= 9950.0 => round($this->neededW / 1000.0) . 'k',
            default => (string) round($this->neededW),
        };
    }
}
