<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** A plug and socket: what it carries is often the least of the whole lead. */
final class PlugKind extends Kind
{
    public function lines(): array
    {
        return [
            F::number('rating_a', 'A', 1, 400)->required(),
            F::number('max_v', 'V', 5, 1500),
            F::number('poles', '', 1, 13),
        ];
    }

    public function families(): array
    {
        return [Family::Plug];
    }

    public function terminals(): array
    {
        return [new Terminal('in', CircuitKind::HouseDc), new Terminal('out', CircuitKind::HouseDc)];
    }

    public function joins(): array
    {
        return [['in', 'out']];
    }
}
