<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

use Pebblefell\Chemistry\Chemistry;

/** How cold a battery may be to be charged, and to give current, °C: by its data sheet, else by its chemistry. */
final readonly class Floors
{
    private function __construct(public float $chargeC, public float $dischargeC)
    {
    }

    /**
     * @param ?float $chargeC    null: the chemistry's
     * @param ?float $dischargeC null: the chemistry's
     */
    public static function of(Chemistry $chemistry, ?float $chargeC = null, ?float $dischargeC = null): self
    {
        return new self($chargeC ?? $chemistry->chargeFloorC(), $dischargeC ?? $chemistry->dischargeFloorC());
    }
}
