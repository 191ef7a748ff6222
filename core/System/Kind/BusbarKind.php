<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** A bar or post on which several leads end. */
final class BusbarKind extends Kind
{
    public function lines(): array
    {
        return [
            F::number('rating_a', 'A', 1, 5000)->required(),
            F::number('studs', '', 1, 24),
            ...self::stud(),
            F::number('max_v', 'V', 5, 1500),
        ];
    }

    public function families(): array
    {
        return [Family::Busbar, Family::Sundry];
    }

    public function terminals(): array
    {
        return [new Terminal('bar', CircuitKind::Any)];
    }

    public function shape(): string
    {
        return 'bar';
    }
}
