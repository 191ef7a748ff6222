<?php

declare(strict_types=1);

namespace Pebblefell\Quantity;

/** A length; kept in m, shown in m/mm or ft/in. 1 ft = 0.3048 m (international yard and pound agreement, 1959). */
final readonly class Length
{
    private const M_PER_FT = 0.3048;

    private function __construct(public float $metres)
    {
        Guard::notNegative($metres, '/metres');
    }

    public static function ofMetres(float $metres): self
    {
        return new self($metres);
    }

    public static function ofFeet(float $feet): self
    {
        return new self($feet * self::M_PER_FT);
    }

    public function feet(): float
    {
        return $this->metres / self::M_PER_FT;
    }
}
