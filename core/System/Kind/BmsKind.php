<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\Setting\Parameter;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** A BMS that is a part of its own: it sees every cell and speaks by two permissions, or opens a relay in the lead. */
final class BmsKind extends Kind
{
    public function lines(): array
    {
        return [
            F::number('cells', '', 1, 32)->required(),
            F::number('discharge_limit_a', 'A', 1, 2000),
            F::number('charge_limit_a', 'A', 1, 2000),
            F::flag('low_temp_cutoff'),
            F::choice('wakes_by', ['itself', 'charge', 'button']),
            F::choice('opens', ['by_signals', 'relay', 'switches']),
        ];
    }

    public function settings(): array
    {
        return [Parameter::CellHigh, Parameter::CellLow, Parameter::BalanceFrom, Parameter::Floor, Parameter::LowTemperatureCutoff];
    }

    public function families(): array
    {
        return [Family::Bms];
    }

    public function terminals(): array
    {
        return [new Terminal('supply', CircuitKind::HouseDc), new Terminal('load', CircuitKind::HouseDc)];
    }

    public function joins(): array
    {
        return [['supply', 'load']];
    }
}
