<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Quantity\Guard;

/** Outer sizes of a battery with its terminals, or inner sizes of the bay that takes it. In mm. */
final readonly class Box
{
    private function __construct(public float $lengthMm, public float $widthMm, public float $heightMm)
    {
    }

    /** @throws \Pebblefell\Exception\InvalidValue */
    public static function of(float $lengthMm, float $widthMm, float $heightMm): self
    {
        return new self(
            Guard::positive($lengthMm, '/length_mm'),
            Guard::positive($widthMm, '/width_mm'),
            Guard::positive($heightMm, '/height_mm'),
        );
    }
}
