<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\Setting\Parameter;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** A battery monitor with its shunt. */
final class MonitorKind extends Kind
{
    public function lines(): array
    {
        return [
            F::number('shunt_a', 'A', 1, 5000)->required(),
            F::number('max_v', 'V', 5, 1000),
            F::number('own_draw_ma', 'mA', 0, 500),
            ...self::stud(),
        ];
    }

    public function settings(): array
    {
        return [
            Parameter::Capacity, Parameter::ChargedVolts, Parameter::ChargedTail, Parameter::ChargedTime, Parameter::Efficiency,
            Parameter::Peukert,
            Parameter::LowAlarm, Parameter::Floor, Parameter::Zero,
        ];
    }

    public function families(): array
    {
        return [Family::Monitor];
    }

    public function terminals(): array
    {
        return [new Terminal('battery_minus', CircuitKind::HouseDc), new Terminal('system_minus', CircuitKind::HouseDc)];
    }

    public function shownAs(): string
    {
        return 'display';
    }
}
