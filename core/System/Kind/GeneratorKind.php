<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** A generator for mains: built in, or carried. */
final class GeneratorKind extends Kind
{
    public function lines(): array
    {
        return [
            F::number('continuous_w', 'W', 100, 30_000)->required(),
            F::number('surge_w', 'W', 100, 60_000),
            F::number('mains_v', 'V', 90, 260),
            F::choice('neutral_bond', ['bonded', 'switched', 'open']),
            F::flag('portable')->ofThisOne(),
        ];
    }

    public function families(): array
    {
        return [Family::Generator];
    }

    public function terminals(): array
    {
        return [new Terminal('ac_out', CircuitKind::ShoreAc)];
    }

    public function gives(): array
    {
        return ['generator' => 'ac_out'];
    }

    public function shownAs(): string
    {
        return 'generator';
    }
}
