<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\Circuit;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Terminal;

/** A charger fed by the mains. */
class MainsCharger extends Charger
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

    public function terminals(): array
    {
        return [new Terminal('ac_in', Circuit::ShoreAc), ...self::pair('output_', Circuit::HouseDc)];
    }

    public function carries(): array
    {
        return [['ac_in', 'output_plus']];
    }

    public function telling(): array
    {
        return ['output_a', 'lithium'];
    }
}
