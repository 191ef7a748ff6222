<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\Charging\DcdcFit;
use Pebblefell\Setting\Parameter;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Sheet\DataSheet;

/** A DC-DC charger, from the starter side to the house bank. */
final class DcdcKind extends ChargerKind
{
    /** Holds what one for a 12 V vehicle takes at its input, V. Common practice. */
    private const INPUT_FROM_V = 11.0;
    private const INPUT_TO_V = 16.0;

    public function lines(): array
    {
        return [
            F::number('output_a', 'A', 1, 500)->required(),
            F::number('output_v', 'V', 5, 100),
            F::number('input_min_v', 'V', 5, 100),
            F::number('input_max_v', 'V', 5, 100),
            F::number('efficiency_pct', '%', 50, 100),
            F::choice('engine_signal', ['none', 'ignition_wire', 'volts']),
            F::flag('dial_down'),
            ...self::charging(),
        ];
    }

    public function families(): array
    {
        return [Family::Dcdc, Family::EngineCharger, Family::Charger];
    }

    public function terminals(): array
    {
        return [...self::pair('input_', CircuitKind::StarterDc), ...self::pair('output_', CircuitKind::HouseDc)];
    }

    public function usual(DataSheet $sheet, string $key, float $systemV): ?float
    {
        return match ($key) {
            'input_min_v' => self::INPUT_FROM_V,
            'input_max_v' => self::INPUT_TO_V,
            'efficiency_pct' => DcdcFit::USUAL_EFFICIENCY_PCT,
            default => parent::usual($sheet, $key, $systemV),
        };
    }

    public function carriesWithEngine(): array
    {
        return [['input_plus', 'output_plus']];
    }

    public function settings(): array
    {
        return [
            Parameter::Absorption,
            Parameter::Float,
            Parameter::Equalise,
            Parameter::LowTemperatureCutoff,
            Parameter::ChargeCurrent,
            Parameter::EngineOff,
            Parameter::SupplyLimit,
            Parameter::IdleCharge,
            Parameter::CableCompensation,
        ];
    }

    public function hangsAt(): HangsAt
    {
        return new HangsAt('output_plus', 'output_minus', 3);
    }

    public function hangsOnStarter(): HangsAt
    {
        return new HangsAt('input_plus', 'input_minus', 0);
    }

    public function voltsLine(): string
    {
        return 'output_v';
    }

    public function shownAs(): string
    {
        return 'engine-charger';
    }

    public function asked(): array
    {
        return [
            'input_min_v', 'input_max_v', 'engine_signal', 'lithium', 'absorption_min_v', 'absorption_max_v', 'cold_cutoff',
            'gives_dead_volts',
        ];
    }

    public function telling(): array
    {
        return ['output_a', 'lithium'];
    }
}
