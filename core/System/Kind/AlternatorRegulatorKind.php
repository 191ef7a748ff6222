<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\Setting\Parameter;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** A regulator of its own for an alternator, with volts sensed where its lead ends. */
final class AlternatorRegulatorKind extends Kind
{
    public function lines(): array
    {
        return [
            F::number('regulated_v', 'V', 12, 60),
            F::flag('obeys_bms'),
            ...self::derating(),
        ];
    }

    public function settings(): array
    {
        return [Parameter::Absorption, Parameter::Float];
    }

    public function families(): array
    {
        return [Family::AlternatorRegulator];
    }

    public function terminals(): array
    {
        return [new Terminal('sense', CircuitKind::HouseDc)];
    }
}
