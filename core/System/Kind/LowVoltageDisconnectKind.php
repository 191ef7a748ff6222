<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\Setting\Parameter;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** An electronic disconnect that opens below a voltage. */
final class LowVoltageDisconnectKind extends Kind
{
    public function lines(): array
    {
        return [
            F::number('rating_a', 'A', 1, 1000)->required(),
            F::number('disconnect_v', 'V', 5, 100),
            F::number('reconnect_v', 'V', 5, 100),
            F::number('max_v', 'V', 5, 1500),
            F::flag('carries_both_ways'),
        ];
    }

    public function settings(): array
    {
        return [Parameter::Disconnect, Parameter::Reconnect];
    }

    public function families(): array
    {
        return [Family::LowVoltageDisconnect];
    }

    public function terminals(): array
    {
        return [new Terminal('supply', CircuitKind::HouseDc), new Terminal('load', CircuitKind::HouseDc)];
    }

    public function joins(): array
    {
        return [['supply', 'load']];
    }

    public function shape(): string
    {
        return 'switch';
    }

    public function shownAs(): string
    {
        return 'switch';
    }

    public function asked(): array
    {
        return ['disconnect_v', 'reconnect_v', 'max_v', 'carries_both_ways'];
    }
}
