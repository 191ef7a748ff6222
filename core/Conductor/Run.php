<?php

declare(strict_types=1);

namespace Pebblefell\Conductor;

use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Quantity\Guard;

/**
 * A run of copper, out and back, by its area.
 *
 * R = 2 · ρ · L / A. ρ = 1.7241e-8 Ω·m at 20 °C, International Annealed Copper Standard, IEC 60028 (from memory); tinned fine-stranded cable of
 * IEC 60228 class 5 is a few per cent above it.
 */
final readonly class Run
{
    private const COPPER_OHM_M = 1.7241e-8;

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

    /** Ω out and back at 20 °C. */
    public function resistanceOhm(): float
    {
        return 2 * self::COPPER_OHM_M * $this->lengthM / ($this->size->areaMm2 * 1e-6);
    }

    /** Volts lost at a current in A. */
    public function dropV(float $currentA): float
    {
        return $currentA * $this->resistanceOhm();
    }

    /** The smallest preferred area (IEC 60228) that loses no more than $dropV at a current in A; null when none does. */
    public function areaFor(float $currentA, float $dropV): ?ConductorSize
    {
        foreach (ConductorSize::AREAS_MM2 as $area) {
            $size = ConductorSize::ofArea($area);
            if (self::of($size, $this->lengthM)->dropV($currentA) <= $dropV) {
                return $size;
            }
        }

        return null;
    }
}
