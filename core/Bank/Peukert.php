<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Quantity\Guard;

/**
 * Capacity against the rate at which it is drawn: t = H · (C / (I·H))^k.
 *
 * References: W. Peukert, Elektrotechnische Zeitschrift 20 (1897); the form with the hour rate H is common practice.
 */
final readonly class Peukert
{
    private function __construct(public float $capacityAh, public float $rateH, public float $exponent)
    {
    }

    /**
     * @param float $capacityAh at the rate
     * @param float $rateH hours in which that capacity was measured
     * @param float $exponent   1 (none) to 2
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(float $capacityAh, float $rateH, float $exponent): self
    {
        return new self(
            Guard::positive($capacityAh, '/capacity_ah'),
            Guard::positive($rateH, '/rate_h'),
            Guard::between($exponent, 1.0, 2.0, '/exponent'),
        );
    }

    /** Hours until empty at a steady current in A. */
    public function hours(float $currentA): float
    {
        Guard::positive($currentA, '/current_a');

        return $this->rateH * ($this->capacityAh / ($currentA * $this->rateH)) ** $this->exponent;
    }

    /** Ah that a steady current in A draws until empty. */
    public function availableAh(float $currentA): float
    {
        return $currentA * $this->hours($currentA);
    }

    /** The same battery's capacity in Ah as it would be stated at another hour rate (10 h ↔ 20 h). */
    public function capacityAtRateAh(float $rateH): float
    {
        Guard::positive($rateH, '/rate_h');
        // t = H'  ⇔  I = C/H · (H/H')^(1/k)
        return $this->capacityAh / $this->rateH * ($this->rateH / $rateH) ** (1 / $this->exponent) * $rateH;
    }
}
