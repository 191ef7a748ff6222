<?php

declare(strict_types=1);

namespace Pebblefell\Joint;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/** Volts measured between two points of a way while a current flows in it. */
final readonly class Drop
{
    /** Holds what a common meter and a common clamp are off by: 1 mV and half a digit more on the millivolt range; 2 %. Assumed. */
    public const VOLTS = 0.0015;
    public const SHARE = 0.02;

    private function __construct(public int $from, public int $to, public float $volts, public float $amps)
    {
    }

    /**
     * @param int $from point before its first segment, from 0
     * @param int $to   point after its last segment
     *
     * @throws InvalidValue
     */
    public static function of(int $from, int $to, float $volts, float $amps): self
    {
        if ($to <= $from) {
            throw InvalidValue::at('/to', 'other-end');
        }
        Guard::positive($amps, '/amps');

        return new self($from, $to, $volts, $amps);
    }

    /** Ω between the two. */
    public function ohm(): float
    {
        return $this->volts / $this->amps;
    }

    /** One standard deviation of that, Ω: of the meter's volts and of the clamp. */
    public function sigmaOhm(): float
    {
        return hypot(self::VOLTS / $this->amps, self::SHARE * abs($this->ohm()));
    }
}
