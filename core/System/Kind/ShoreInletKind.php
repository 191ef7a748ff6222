<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** The inlet of the hook-up. */
final class ShoreInletKind extends Kind
{
    public function lines(): array
    {
        return [
            F::number('rating_a', 'A', 1, 200)->required(),
            F::number('mains_v', 'V', 90, 260),
        ];
    }

    public function families(): array
    {
        return [Family::ShoreInlet];
    }

    public function terminals(): array
    {
        return [new Terminal('ac_out', CircuitKind::ShoreAc)];
    }

    public function gives(): array
    {
        return ['shore' => 'ac_out', 'generator' => 'ac_out'];
    }

    public function shownAs(): string
    {
        return 'inlet';
    }
}
