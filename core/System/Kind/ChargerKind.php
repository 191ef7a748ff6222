<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\Setting\Parameter;
use Pebblefell\System\Sheet\DataField as F;

/** Tells what puts charge into the house bank by itself and has charge settings. */
abstract class ChargerKind extends Kind
{
    /** Holds what a charger can do for lithium: nothing, a ready profile, or volts set by hand. */
    public const LITHIUM = ['none', 'preset', 'custom'];

    public function settings(): array
    {
        return [
            Parameter::Absorption, Parameter::AbsorptionLimit, Parameter::Float, Parameter::Equalise, Parameter::Rebulk,
            Parameter::TailCurrent, Parameter::Compensation, Parameter::LowTemperatureCutoff, Parameter::ChargeCurrent,
        ];
    }

    /**
     * @return list<F> what every charging source says about itself
     */
    final protected static function charging(): array
    {
        return [
            F::choice('lithium', ChargerKind::LITHIUM),
            F::flag('equalise_can_disable'),
            F::flag('cold_cutoff'),
            F::flag('gives_way'),
            F::number('absorption_min_v', 'V', 5, 80),
            F::number('absorption_max_v', 'V', 5, 80),
            F::flag('gives_dead_volts'),
            ...self::derating(),
        ];
    }
}
