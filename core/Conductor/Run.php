<?php

declare(strict_types=1);

namespace Pebblefell\Conductor;

use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Quantity\Guard;

/**
 * A run of copper, out and back, by its area.
 *
 * R = 2 · r · L. For the preferred areas r is the maximum of IEC 60228, class 5 (fine strands), at 20 °C; for any other area, the gauges of
 * ASTM B258 among them, r = ρ/A with ρ = 1.7241e-8 Ω·m, International Annealed Copper Standard, IEC 60028. All from memory.
 */
final readonly class Run
{
    private const COPPER_OHM_M = 1.7241e-8;

    /** Growth of copper's resistance from 20 °C, 1/K: International Annealed Copper Standard, IEC 60028 (from memory). */
    private const PER_K = 0.00393;

    /** Maximum Ω/km at 20 °C by mm². IEC 60228 table for class 5, plain copper (from memory). */
    private const CLASS_5_OHM_PER_KM = [
        [0.5, 39.0], [0.75, 26.0], [1.0, 19.5], [1.5, 13.3], [2.5, 7.98], [4.0, 4.95], [6.0, 3.30], [10.0, 1.91], [16.0, 1.21],
        [25.0, 0.780],
        [35.0, 0.554], [50.0, 0.386], [70.0, 0.272], [95.0, 0.206], [120.0, 0.161], [150.0, 0.129], [185.0, 0.106], [240.0, 0.0801],
    ];

    private function __construct(public ConductorSize $size, public float $lengthM)
    {
    }

    /**
     * @param float $lengthM one way
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(ConductorSize $size, float $lengthM): self
    {
        return new self($size, Guard::positive($lengthM, '/length_m'));
    }

    /** Ω out and back, the copper at a temperature in °C. */
    public function resistanceOhm(float $conductorC = 20.0): float
    {
        return (1.0 + self::PER_K * ($conductorC - 20.0)) * $this->atTwenty();
    }

    /** Volts lost at a current in A, the copper at a temperature in °C. */
    public function dropV(float $currentA, float $conductorC = 20.0): float
    {
        return $currentA * $this->resistanceOhm($conductorC);
    }

    /** The smallest that is made (IEC 60228, or by gauge) that loses no more than $dropV at a current in A; null when none does. */
    public function areaFor(float $currentA, float $dropV, bool $gauges = false): ?ConductorSize
    {
        foreach (ConductorSize::made($gauges) as $area) {
            $size = ConductorSize::ofArea($area);
            if (self::of($size, $this->lengthM)->dropV($currentA) <= $dropV) {
                return $size;
            }
        }

        return null;
    }

    private function atTwenty(): float
    {
        foreach (self::CLASS_5_OHM_PER_KM as [$area, $ohmPerKm]) {
            if (abs($area - $this->size->areaMm2) < 1e-6) {
                return 2 * $ohmPerKm / 1000 * $this->lengthM;
            }
        }

        return 2 * self::COPPER_OHM_M * $this->lengthM / ($this->size->areaMm2 * 1e-6);
    }
}
