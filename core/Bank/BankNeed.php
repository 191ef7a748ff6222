<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Quantity\Guard;

/** How large a bank must be for a wish: energy a day × days ÷ what of the capacity is usable. Common practice. */
final readonly class BankNeed
{
    private function __construct(public float $capacityWh, public float $capacityAh)
    {
    }

    /**
     * @param float $energyWhDay at the battery
     * @param float $days without any charge
     * @param float $usablePct above 0 to 100
     * @param float $minTemperatureFactor share of capacity left in the cold, above 0 to 1
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(float $energyWhDay, float $days, float $usablePct, float $minTemperatureFactor, float $systemV): self
    {
        Guard::notNegative($energyWhDay, '/energy_wh_day');
        Guard::positive($days, '/days');
        Guard::positive($usablePct, '/usable_pct');
        Guard::between($usablePct, 0.0, 100.0, '/usable_pct');
        Guard::positive($minTemperatureFactor, '/min_temperature_factor');
        Guard::between($minTemperatureFactor, 0.0, 1.0, '/min_temperature_factor');
        Guard::positive($systemV, '/system_v');
        $wh = $energyWhDay * $days / ($usablePct / 100) / $minTemperatureFactor;

        return new self($wh, $wh / $systemV);
    }
}
