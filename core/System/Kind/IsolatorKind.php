<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** A relay between the starter and the house side, plain, sensing volts or duty-cycled. */
final class IsolatorKind extends Kind
{
    public function lines(): array
    {
        return [
            F::choice('method', ['relay', 'volts_sensing', 'duty_cycled', 'diode'])->required(),
            F::number('rating_a', 'A', 1, 1000),
        ];
    }

    public function families(): array
    {
        return [Family::SplitRelay, Family::EngineCharger];
    }

    public function terminals(): array
    {
        return [new Terminal('starter', CircuitKind::StarterDc), new Terminal('house', CircuitKind::HouseDc)];
    }

    public function joinsWithEngine(): array
    {
        return [['starter', 'house']];
    }

    public function hangsAt(): HangsAt
    {
        return new HangsAt('house', '', 6);
    }

    public function hangsOnStarter(): HangsAt
    {
        return new HangsAt('starter', '', 1);
    }

    public function shownAs(): string
    {
        return 'engine-charger';
    }

    public function telling(): array
    {
        return ['method', 'rating_a'];
    }
}
