<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Quantity\Guard;

/**
 * The refresh charge of a lead bank: 2.35 V a cell for 16 hours with at least twice the 10-hour current.
 *
 * Common practice, no source: 184.2 Ah at 10 h want 36.8 A; 14.1, 28.2 or 56.4 V. Watch it, stop at 16 h.
 */
final readonly class RefreshCharge
{
    public const CELL_V = 2.35;
    public const HOURS = 16.0;

    private function __construct(public float $voltageV, public float $minCurrentA)
    {
    }

    /**
     * @param int   $cells  in series in the whole bank
     * @param float $c10Ah capacity at the 10-hour rate
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(int $cells, float $c10Ah): self
    {
        Guard::positive($cells, '/cells');

        return new self($cells * self::CELL_V, 2.0 * Guard::positive($c10Ah, '/c10_ah') / 10.0);
    }
}
