<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

/**
 * A row of numbers that look random and are not: the same seed gives the same row, on every machine.
 *
 * Linear congruential generator x' = (1664525 x + 1013904223) mod 2³². Reference: Press et al., Numerical Recipes, "quick and dirty
 * generators" (constants from memory). Good enough to shuffle the weather, for nothing else.
 */
final class Noise
{
    private function __construct(private int $state)
    {
    }

    public static function of(int $seed): self
    {
        return new self($seed & 0xFFFFFFFF);
    }

    /** Above 0, below 1. */
    public function uniform(): float
    {
        $this->state = (1664525 * $this->state + 1013904223) & 0xFFFFFFFF;

        return ($this->state + 0.5) / 4294967296.0;
    }

    /** Mean 0, standard deviation 1. Box & Muller 1958. */
    public function normal(): float
    {
        return sqrt(-2.0 * log($this->uniform())) * cos(2.0 * M_PI * $this->uniform());
    }

    /** Share of a normal distribution below $z. Abramowitz & Stegun 26.2.17 by way of 7.1.26, error below 1e-6 (from memory). */
    public static function below(float $z): float
    {
        $t = 1.0 / (1.0 + 0.3275911 * abs($z) / M_SQRT2);
        $series = (((1.061405429 * $t - 1.453152027) * $t + 1.421413741) * $t - 0.284496736) * $t + 0.254829592;
        $erf = 1.0 - $series * $t * exp(-$z * $z / 2.0);

        return $z >= 0.0 ? 0.5 * (1.0 + $erf) : 0.5 * (1.0 - $erf);
    }
}
