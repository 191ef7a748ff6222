<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** A switch that is opened by hand. */
final class SwitchKind extends Kind
{
    public function lines(): array
    {
        return [
            F::number('rating_a', 'A', 1, 2000)->required(),
            F::number('max_v', 'V', 5, 1500),
            F::number('poles', '', 1, 4),
            ...self::labelled(),
            ...self::stud(),
        ];
    }

    public function families(): array
    {
        return [Family::HandSwitch, Family::Switch, Family::Sundry];
    }

    public function terminals(): array
    {
        return [new Terminal('in', CircuitKind::Any), new Terminal('out', CircuitKind::Any)];
    }

    public function joins(): array
    {
        return [['in', 'out']];
    }

    public function shape(): string
    {
        return 'switch';
    }

    public function shownAs(): string
    {
        return 'switch';
    }
}
