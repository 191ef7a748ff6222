<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\Setting\Parameter;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\Terminal;

/** An inverter: outlets from the bank. */
final class InverterKind extends Kind
{
    public function lines(): array
    {
        return [
            ...self::inverting(),
            ...self::derating(),
        ];
    }

    public function families(): array
    {
        return [Family::Inverter];
    }

    public function terminals(): array
    {
        return [...self::pair('battery_', CircuitKind::HouseDc), new Terminal('ac_out', CircuitKind::InverterAc)];
    }

    public function carries(): array
    {
        return [['battery_plus', 'ac_out']];
    }

    public function usual(DataSheet $sheet, string $key, float $systemV): ?float
    {
        return $key === 'derate_from_c' ? Usual::INVERTER_FROM_C : parent::usual($sheet, $key, $systemV);
    }

    public function settings(): array
    {
        return [Parameter::Warning, Parameter::Cutoff, Parameter::Restart, Parameter::Eco, Parameter::OffTimer];
    }

    public function hangsAt(): HangsAt
    {
        return new HangsAt('battery_plus', 'battery_minus', 1);
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
        return ['surge_w', 'idle_w', 'low_cutoff_v', 'neutral_bond', 'earth_leakage_ma', 'derate_from_c'];
    }

    public function telling(): array
    {
        return ['continuous_w', 'surge_w', 'idle_w'];
    }
}
