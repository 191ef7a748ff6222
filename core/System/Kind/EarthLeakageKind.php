<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** An earth-leakage breaker (RCD, RCBO, GFCI). */
final class EarthLeakageKind extends Kind
{
    public function lines(): array
    {
        return [
            F::number('rating_a', 'A', 1, 200)->required(),
            F::number('residual_ma', 'mA', 1, 1000),
            F::number('poles', '', 1, 4),
        ];
    }

    public function families(): array
    {
        return [Family::EarthLeakage];
    }

    public function terminals(): array
    {
        return [new Terminal('line', CircuitKind::Any), new Terminal('load', CircuitKind::Any)];
    }

    public function joins(): array
    {
        return [['line', 'load']];
    }

    public function shownAs(): string
    {
        return 'earth-leakage';
    }
}
