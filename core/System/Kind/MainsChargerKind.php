<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** A charger fed by the mains. */
class MainsChargerKind extends ChargerKind
{
    public function lines(): array
    {
        return [
            F::number('output_a', 'A', 0.5, 500)->required(),
            F::number('output_v', 'V', 5, 100),
            F::number('mains_v', 'V', 90, 260),
            F::number('efficiency_pct', '%', 50, 100),
            F::flag('hidden_switch'),
            ...self::charging(),
        ];
    }

    public function families(): array
    {
        return [Family::MainsCharger, Family::Charger];
    }

    public function terminals(): array
    {
        return [new Terminal('ac_in', CircuitKind::ShoreAc), ...self::pair('output_', CircuitKind::HouseDc)];
    }

    public function carries(): array
    {
        return [['ac_in', 'output_plus']];
    }

    public function hangsAt(): HangsAt
    {
        return new HangsAt('output_plus', 'output_minus', 4);
    }

    public function voltsLine(): string
    {
        return 'output_v';
    }

    public function shownAs(): string
    {
        return 'mains-charger';
    }

    public function asked(): array
    {
        return [
            'output_v', 'lithium', 'absorption_min_v', 'absorption_max_v', 'equalise_can_disable', 'cold_cutoff',
            'gives_dead_volts',
        ];
    }

    public function telling(): array
    {
        return ['output_a', 'lithium'];
    }
}
