<?php

declare(strict_types=1);

namespace Pebblefell\Quantity;

/** A mass; kept in kg, shown in kg or lb. 1 lb = 0.45359237 kg (international yard and pound agreement, 1959). */
final readonly class Mass
{
    private const KG_PER_LB = 0.45359237;

    private function __construct(public float $kilograms)
    {
        Guard::notNegative($kilograms, '/kilograms');
    }

    public static function ofKilograms(float $kilograms): self
    {
        return new self($kilograms);
    }

    public static function ofPounds(float $pounds): self
    {
        return new self($pounds * self::KG_PER_LB);
    }

    public function pounds(): float
    {
        return $this->kilograms / self::KG_PER_LB;
    }
}
