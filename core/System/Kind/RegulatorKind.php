<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\Charging\RegulatorSheet;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Sheet\DataSheet;

/** A solar regulator. */
final class RegulatorKind extends ChargerKind
{
    public function lines(): array
    {
        return [
            F::choice('technology', ['mppt', 'pwm'])->required(),
            F::number('max_charge_a', 'A', 1, 500)->required(),
            F::number('max_pv_v', 'V', 5, 1000),
            F::number('max_pv_isc_a', 'A', 1, 500),
            F::number('start_above_battery_v', 'V', 0, 50),
            F::number('load_output_a', 'A', 0, 100),
            F::number('array_series', '', 1, 20)->ofThisOne(),
            ...self::charging(),
        ];
    }

    public function families(): array
    {
        return [Family::SolarRegulator, Family::Charger];
    }

    public function terminals(): array
    {
        return [
            ...self::pair('pv_', CircuitKind::Pv), ...self::pair('battery_', CircuitKind::HouseDc),
            ...self::pair('load_', CircuitKind::HouseDc),
        ];
    }

    public function usual(DataSheet $sheet, string $key, float $systemV): ?float
    {
        return match ($key) {
            'start_above_battery_v' => RegulatorSheet::USUAL_START_ABOVE_V,
            default => parent::usual($sheet, $key, $systemV),
        };
    }

    public function carries(): array
    {
        return [['pv_plus', 'battery_plus'], ['pv_plus', 'load_plus']];
    }

    public function hangsAt(): HangsAt
    {
        return new HangsAt('battery_plus', 'battery_minus', 2);
    }

    public function asked(): array
    {
        return [
            'max_pv_v', 'max_pv_isc_a', 'lithium', 'absorption_min_v', 'absorption_max_v', 'equalise_can_disable', 'cold_cutoff',
            'gives_dead_volts',
        ];
    }

    public function telling(): array
    {
        return ['technology', 'max_charge_a', 'max_pv_v', 'lithium'];
    }
}
