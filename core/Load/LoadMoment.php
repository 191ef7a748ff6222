<?php

declare(strict_types=1);

namespace Pebblefell\Load;

/** A stretch of the day in which nothing is switched: everything that is on stays on. */
final readonly class LoadMoment
{
    /**
     * @param float $meanW      at the battery, by duty
     * @param float $peakW at the battery, duty ignored
     * @param float $acPeakW    at the outlets, duty ignored
     * @param float $inverterW  of the inverter alone: its idle draw and losses, by duty
     * @param float $dcMeanW of the DC loads alone, by duty
     * @param float $dcPeakW of the DC loads alone, duty ignored
     */
    public function __construct(
        public float $fromH,
        public float $toH,
        public float $meanW,
        public float $peakW,
        public float $acPeakW,
        public float $inverterW,
        public float $dcMeanW,
        public float $dcPeakW,
    ) {
    }

    /** Of the AC loads alone, at their outlets, by duty. */
    public function acMeanW(): float
    {
        return $this->meanW - $this->inverterW - $this->dcMeanW;
    }

    public function hours(): float
    {
        return $this->toH - $this->fromH;
    }
}
