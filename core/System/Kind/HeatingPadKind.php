<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\Setting\Parameter;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\Trip\Heater;

/** A pad that warms a battery. */
final class HeatingPadKind extends Kind
{
    public function lines(): array
    {
        return [
            F::number('heater_w', 'W', 1, 1000)->required(),
            F::number('on_c', '°C', -40, 40),
            F::number('off_c', '°C', -40, 40),
        ];
    }

    public function settings(): array
    {
        return [Parameter::HeaterOn, Parameter::HeaterOff];
    }

    public function families(): array
    {
        return [Family::HeatingPad];
    }

    public function terminals(): array
    {
        return self::pair('', CircuitKind::HouseDc);
    }

    public function usual(DataSheet $sheet, string $key, float $systemV): ?float
    {
        return match ($key) {
            'on_c' => Heater::USUAL_ON_C,
            'off_c' => Heater::USUAL_OFF_C,
            default => parent::usual($sheet, $key, $systemV),
        };
    }

    public function shownAs(): string
    {
        return 'heater';
    }
}
