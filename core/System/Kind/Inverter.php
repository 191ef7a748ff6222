<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\Circuit;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\Terminal;

/** An inverter: outlets from the bank. */
final class Inverter extends Kind
{
    public function lines(): array
    {
        return [
            F::number('continuous_w', 'W', 20, 30_000)->required(),
            F::number('surge_w', 'W', 20, 60_000),
            F::number('efficiency_pct', '%', 50, 100),
            F::number('idle_w', 'W', 0, 200),
            F::number('input_v', 'V', 5, 100),
            F::number('output_v', 'V', 90, 260),
            F::number('low_cutoff_v', 'V', 5, 100),
            F::number('earth_leakage_ma', 'mA', 1, 1000),
            F::choice('neutral_bond', ['bonded', 'switched', 'open']),
            ...self::derating(),
        ];
    }

    public function terminals(): array
    {
        return [...self::pair('battery_', Circuit::HouseDc), new Terminal('ac_out', Circuit::InverterAc)];
    }

    public function carries(): array
    {
        return [['battery_plus', 'ac_out']];
    }

    public function usual(DataSheet $sheet, string $key, float $systemV): ?float
    {
        return $key === 'derate_from_c' ? Usual::INVERTER_FROM_C : parent::usual($sheet, $key, $systemV);
    }

    public function isInverter(): bool
    {
        return true;
    }

    public function telling(): array
    {
        return ['continuous_w', 'surge_w', 'idle_w'];
    }
}
