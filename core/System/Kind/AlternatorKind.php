<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\Charging\DcdcFit;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Sheet\DataSheet;

/** The vehicle’s alternator, or a second one for the house bank. */
final class AlternatorKind extends Kind
{
    public function lines(): array
    {
        return [
            F::number('rated_a', 'A', 10, 1000)->required(),
            F::number('regulated_v', 'V', 12, 60),
            F::number('idle_pct', '%', 10, 100),
            F::flag('for_house'),
            F::flag('variable_volts'),
        ];
    }

    public function families(): array
    {
        return [Family::Alternator];
    }

    public function terminals(): array
    {
        return self::pair('', CircuitKind::StarterDc);
    }

    public function usual(DataSheet $sheet, string $key, float $systemV): ?float
    {
        return match ($key) {
            'idle_pct' => DcdcFit::USUAL_IDLE_PCT,
            'regulated_v' => Usual::REGULATED_V * $systemV / 12.0,
            default => parent::usual($sheet, $key, $systemV),
        };
    }

    public function gives(): array
    {
        return ['engine' => 'plus'];
    }

    public function asked(): array
    {
        return ['regulated_v', 'variable_volts'];
    }

    public function telling(): array
    {
        return ['rated_a', 'regulated_v'];
    }
}
