<?php

declare(strict_types=1);

namespace Pebblefell\Setting;

/** What can be set on a charging source, by the trade's own name for it. */
enum Parameter: string
{
    case Absorption = 'absorption_v';
    case AbsorptionLimit = 'absorption_limit_h';
    case Float = 'float_v';
    case Equalise = 'equalise_v';
    case Rebulk = 'rebulk_v';
    case LowTemperatureCutoff = 'low_temperature_cutoff_c';
    case TailCurrent = 'tail_current_a';
    case Compensation = 'compensation_mv_per_c';
    case ChargeCurrent = 'charge_current_a';

    public function unit(): string
    {
        return match ($this) {
            self::Absorption, self::Float, self::Equalise, self::Rebulk => 'V',
            self::AbsorptionLimit => 'h',
            self::LowTemperatureCutoff => '°C',
            self::TailCurrent, self::ChargeCurrent => 'A',
            self::Compensation => 'mV/°C',
        };
    }

    /** Largest difference between planned and as set that still counts as the same. */
    public function tolerance(): float
    {
        return match ($this) {
            self::Absorption, self::Float, self::Equalise, self::Rebulk => 0.051,
            self::AbsorptionLimit => 0.26,
            self::LowTemperatureCutoff => 1.01,
            self::TailCurrent, self::ChargeCurrent => 1.01,
            self::Compensation => 0.51,
        };
    }
}
