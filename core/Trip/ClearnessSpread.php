<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

/**
 * How the days of a month lie about its mean clearness: many dull ones and some bright ones.
 *
 * P(K) ∝ e^(γK) between 0.05 and the clearest possible day, with γ such that the mean is the month's. References: Bendt,
 * Collares-Pereira & Rabl 1981; clearest day by Hollands & Huget 1983 (both from memory).
 */
final readonly class ClearnessSpread
{
    private const DULLEST = 0.05;

    private function __construct(private float $clearest, private float $gamma, private float $mean)
    {
    }

    /**
     * @param float $mean monthly mean of Rs/Ra, 0 to 1
     */
    public static function about(float $mean): self
    {
        $clearest = 0.6313 + 0.267 * $mean - 11.9 * ($mean - 0.75) ** 8;
        // The bounds of the correlation: outside them a month is of one sort of day.
        if ($mean <= self::DULLEST + 0.02 || $mean >= $clearest - 0.02) {
            return new self($clearest, 0.0, $mean);
        }
        [$low, $high] = [-60.0, 60.0];
        for ($i = 0; $i < 60; ++$i) {
            $middle = ($low + $high) / 2;
            self::meanFor($middle, $clearest) < $mean ? $low = $middle : $high = $middle;
        }

        return new self($clearest, ($low + $high) / 2, $mean);
    }

    /**
     * Clearness of the day below which a share $u of the days lie.
     *
     * @param float $u 0 to 1
     */
    public function at(float $u): float
    {
        if ($this->gamma === 0.0) {
            return $this->mean;
        }
        if (abs($this->gamma) < 1e-6) {
            return self::DULLEST + $u * ($this->clearest - self::DULLEST);
        }
        // Written so that no large exponent appears for either sign of γ.
        $width = $this->clearest - self::DULLEST;

        return $this->gamma > 0.0
            ? $this->clearest + log($u + (1.0 - $u) * exp(-$this->gamma * $width)) / $this->gamma
            : self::DULLEST + log((1.0 - $u) + $u * exp($this->gamma * $width)) / $this->gamma;
    }

    private static function meanFor(float $gamma, float $clearest): float
    {
        $width = $clearest - self::DULLEST;
        $x = $gamma * $width;
        if (abs($x) < 1e-6) {
            return self::DULLEST + $width / 2;
        }

        return self::DULLEST + $width * (1.0 / (1.0 - exp(-$x)) - 1.0 / $x);
    }
}
