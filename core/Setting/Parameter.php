<?php

declare(strict_types=1);

namespace Pebblefell\Setting;

/** What can be set on a device that charges, watches or draws, by the trade's own name for it. Volts are of the whole bank. */
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
    /** The engine counts as off below it. */
    case EngineOff = 'engine_off_v';
    case Warning = 'warning_v';
    case Cutoff = 'cutoff_v';
    case Restart = 'restart_v';
    case Disconnect = 'disconnect_v';
    case Reconnect = 'reconnect_v';
    /** Of a monitor: capacity, when it counts as full, what it reckons with, when it warns, down to where it counts. */
    case Capacity = 'capacity_ah';
    case ChargedVolts = 'charged_v';
    case ChargedTail = 'charged_tail_pct';
    case ChargedTime = 'charged_min';
    case Efficiency = 'charge_efficiency_pct';
    case Peukert = 'peukert';
    case LowAlarm = 'low_alarm_pct';
    case Floor = 'floor_pct';
    case HeaterOn = 'heater_on_c';
    case HeaterOff = 'heater_off_c';

    public function unit(): string
    {
        return match ($this) {
            self::Absorption, self::Float, self::Equalise, self::Rebulk, self::EngineOff, self::Warning, self::Cutoff, self::Restart,
            self::Disconnect, self::Reconnect, self::ChargedVolts => 'V',
            self::AbsorptionLimit => 'h',
            self::LowTemperatureCutoff, self::HeaterOn, self::HeaterOff => '°C',
            self::TailCurrent, self::ChargeCurrent => 'A',
            self::Compensation => 'mV/°C',
            self::Capacity => 'Ah',
            self::ChargedTail, self::Efficiency, self::LowAlarm, self::Floor => '%',
            self::ChargedTime => 'min',
            self::Peukert => '',
        };
    }

    /** Largest difference between planned and as set that still counts as the same. */
    public function tolerance(): float
    {
        return match ($this->unit()) {
            'V' => 0.051,
            'h' => 0.26,
            'mV/°C' => 0.51,
            '' => 0.011,
            default => 1.01,
        };
    }

    /** It is a rung of the ladder. */
    public function isRung(): bool
    {
        return in_array($this->value, Ladder::PARAMETERS, true);
    }

    /** It acts while the bank is being emptied, or comes back after that. */
    public function isOnTheWayDown(): bool
    {
        return in_array($this, [self::Warning, self::Cutoff, self::Restart, self::Disconnect, self::Reconnect], true);
    }
}
