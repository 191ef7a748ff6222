<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\Circuit;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** A plug and socket: what it carries is often the least of the whole lead. */
final class Plug extends Kind
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
        return [new Terminal('in', Circuit::HouseDc), new Terminal('out', Circuit::HouseDc)];
    }

    public function joins(): array
    {
        return [['in', 'out']];
    }
}
