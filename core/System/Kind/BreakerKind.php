<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** A breaker that trips on overcurrent. */
final class BreakerKind extends Kind
{
    public function lines(): array
    {
        return [
            F::number('rating_a', 'A', 0.5, 1000)->required(),
            F::number('interrupt_a', 'A', 10, 300_000),
            F::number('max_v', 'V', 5, 1500),
            F::number('poles', '', 1, 4),
            F::choice('curve', ['thermal', 'b', 'c', 'd']),
            F::flag('resets_itself'),
            ...self::derating(),
            ...self::stud(),
        ];
    }

    public function families(): array
    {
        return [Family::OvercurrentDevice, Family::Breaker, Family::HandSwitch, Family::Sundry];
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
        return 'breaker';
    }

    public function shownAs(): string
    {
        return 'fuse';
    }

    public function asked(): array
    {
        return ['interrupt_a', 'max_v'];
    }
}
