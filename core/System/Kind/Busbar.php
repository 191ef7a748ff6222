<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\Circuit;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** A bar or post on which several leads end. */
final class Busbar extends Kind
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
        return [new Terminal('bar', Circuit::Any)];
    }

    public function shape(): string
    {
        return 'bar';
    }
}
