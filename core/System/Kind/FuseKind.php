<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** A fuse with its holder. */
final class FuseKind extends Kind
{
    public function lines(): array
    {
        return [
            F::number('rating_a', 'A', 0.5, 1000)->required(),
            F::choice('family', ['blade', 'sf30', 'sf51', 'strip', 'terminal', 'class_t', 'gpv']),
            F::number('interrupt_a', 'A', 10, 300_000),
            F::number('max_v', 'V', 5, 1500),
            ...self::stud(),
        ];
    }

    public function families(): array
    {
        return [Family::OvercurrentDevice, Family::Fuse, Family::Sundry];
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
        return 'fuse';
    }

    public function shownAs(): string
    {
        return 'fuse';
    }

    public function asked(): array
    {
        return ['interrupt_a', 'max_v'];
    }

    public function telling(): array
    {
        return ['rating_a', 'family', 'interrupt_a'];
    }
}
