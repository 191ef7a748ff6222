<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\Setting\Parameter;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\Terminal;

/** An inverter that charges from the mains that it passes on. */
final class InverterChargerKind extends ChargerKind
{
    public function lines(): array
    {
        return [
            ...self::inverting(),
            F::number('charge_a', 'A', 1, 500)->required(),
            F::number('transfer_a', 'A', 1, 200),
            F::flag('supports_supply'),
            ...self::charging(),
        ];
    }

    public function families(): array
    {
        return [Family::MainsCharger, Family::Inverter, Family::Charger];
    }

    public function terminals(): array
    {
        return [
            ...self::pair('battery_', CircuitKind::HouseDc),
            new Terminal('ac_in', CircuitKind::ShoreAc, 'shore'),
            new Terminal('ac_out', CircuitKind::InverterAc, 'inverting'),
        ];
    }

    public function exclusivePorts(): array
    {
        // It either passes the mains through or makes its own.
        return [['shore', 'inverting']];
    }

    public function carries(): array
    {
        // From the battery only while its mains is dead; with the mains alive its outlets are live from there.
        return [['ac_in', 'ac_out'], ['ac_in', 'battery_plus'], ['battery_plus', 'ac_out']];
    }

    public function usual(DataSheet $sheet, string $key, float $systemV): ?float
    {
        return $key === 'derate_from_c' ? Usual::INVERTER_FROM_C : parent::usual($sheet, $key, $systemV);
    }

    public function settings(): array
    {
        return [
            ...parent::settings(), Parameter::Warning, Parameter::Cutoff, Parameter::Restart, Parameter::InputLimit, Parameter::Eco,
            Parameter::OffTimer,
        ];
    }

    public function hangsAt(): HangsAt
    {
        return new HangsAt('battery_plus', 'battery_minus', 0);
    }

    public function voltsLine(): string
    {
        return 'input_v';
    }

    public function shownAs(): string
    {
        return 'inverter';
    }

    public function asked(): array
    {
        return [
            'surge_w', 'idle_w', 'low_cutoff_v', 'transfer_a', 'lithium', 'absorption_min_v', 'absorption_max_v', 'neutral_bond',
            'cold_cutoff', 'gives_dead_volts',
        ];
    }

    public function telling(): array
    {
        return ['continuous_w', 'charge_a', 'lithium'];
    }
}
