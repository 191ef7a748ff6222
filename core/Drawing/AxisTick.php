<?php

declare(strict_types=1);

namespace Pebblefell\Drawing;

/** A value on a scale and its place. */
final readonly class AxisTick
{
    /**
     * @param int $decimals that tell it from its neighbours
     */
    public function __construct(public float $value, public float $at, public int $decimals = 0)
    {
    }
}
