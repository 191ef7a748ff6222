<?php

declare(strict_types=1);

namespace Pebblefell\Load;

/** A stretch of the day in which nothing is switched: everything that is on stays on. */
final readonly class Moment
{
    /**
     * @param float $meanW      at the battery, by duty
     * @param float $peakW at the battery, duty ignored
     * @param float $acPeakW    at the outlets, duty ignored
     * @param float $inverterW  of the inverter alone: its idle draw and losses, by duty
     */
    public function __construct(
        public float $fromH,
        public float $toH,
        public float $meanW,
        public float $peakW,
        public float $acPeakW,
        public float $inverterW,
    ) {
    }

    public function hours(): float
    {
        return $this->toH - $this->fromH;
    }
}
