<?php

declare(strict_types=1);

namespace Pebblefell\Sun;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/** Tells what of the extraterrestrial sun arrives on the horizontal in a day. */
final readonly class GlobalSun
{
    /** Regression of FAO-56 equation 35 where no local one is known. */
    private const A = 0.25;
    private const B = 0.50;

    private const MJ_PER_KWH = 3.6;

    private function __construct(public SolarDay $day, public float $mj)
    {
    }

    /**
     * By the Ångström formula, Rs = (a + b·n/N)·Ra. Reference: FAO-56 equation 35, a = 0.25, b = 0.50.
     *
     * @param float $sunshineH hours of bright sunshine, not above the day's length
     *
     * @throws InvalidValue at /sunshine_h
     */
    public static function fromSunshine(SolarDay $day, float $sunshineH): self
    {
        Guard::notNegative($sunshineH, '/sunshine_h');
        $length = $day->lengthH();
        if ($sunshineH > $length + 1e-9) {
            throw InvalidValue::at('/sunshine_h', 'longer-than-day', ['hours' => round($length, 1)]);
        }

        return new self($day, $length <= 0.0 ? 0.0 : (self::A + self::B * $sunshineH / $length) * $day->extraterrestrialMj());
    }

    /**
     * @param float $clearness Rs/Ra, 0 to 1
     *
     * @throws InvalidValue at /clearness
     */
    public static function fromClearness(SolarDay $day, float $clearness): self
    {
        return new self($day, Guard::between($clearness, 0.0, 1.0, '/clearness') * $day->extraterrestrialMj());
    }

    /** kWh/m² a day. */
    public function kwh(): float
    {
        return $this->mj / self::MJ_PER_KWH;
    }
}
