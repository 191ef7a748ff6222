<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** A sensor for temperature or volts, or the lead that it ends. */
final class SensorKind extends Kind
{
    public function lines(): array
    {
        return [
            F::choice('senses', ['temperature', 'volts', 'current'])->required(),
            F::text('at'),
        ];
    }

    public function families(): array
    {
        return [Family::Sensor];
    }

    public function terminals(): array
    {
        return [new Terminal('line', CircuitKind::HouseDc)];
    }
}
