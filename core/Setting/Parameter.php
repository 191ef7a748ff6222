<?php

declare(strict_types=1);

namespace Pebblefell\Setting;

/**
 * Names what can be set on a device that charges, watches or draws, by the trade's own name for it. Volts are of the whole bank, but
 * where a cell is named.
 */
enum Parameter: string
{
    private const UNITS = [
        'v' => 'V', 'h' => 'h', 'c' => '°C', 'a' => 'A', 'w' => 'W', 'ah' => 'Ah', 'pct' => '%', 'min' => 'min',
    ];

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
    /** From the post at most, and from the starter side at most; output while the engine idles; added for the lead at full output. */
    case InputLimit = 'input_limit_a';
    case SupplyLimit = 'supply_limit_a';
    case IdleCharge = 'idle_charge_a';
    case CableCompensation = 'cable_v';
    /** Of a monitor: the current that it shows while nothing flows. */
    case Zero = 'zero_a';
    /** Of an inverter: what wakes it from its saving sleep, and after how long without a load it goes off. */
    case Eco = 'eco_w';
    case OffTimer = 'off_after_h';
    /** Of a BMS, for one cell. */
    case CellHigh = 'cell_high_v';
    case CellLow = 'cell_low_v';
    case BalanceFrom = 'balance_from_v';

    /** Returns its unit: the end of its name says it. */
    public function unit(): string
    {
        return match (true) {
            str_ends_with($this->value, '_mv_per_c') => 'mV/°C',
            default => self::UNITS[substr((string) strrchr($this->value, '_'), 1)] ?? '',
        };
    }

    /** Largest difference between planned and as set that still counts as the same. */
    public function tolerance(): float
    {
        return match (true) {
            $this->isOfOneCell() => 0.011,
            $this === self::Zero => 0.051,
            default => $this->usualTolerance(),
        };
    }

    private function usualTolerance(): float
    {
        return match ($this->unit()) {
            'V' => 0.051,
            'W' => 5.01,
            'h' => 0.26,
            'mV/°C' => 0.51,
            '' => 0.011,
            default => 1.01,
        };
    }

    /** Many devices have no such box: it is shown, and not asked for. */
    public function isOptional(): bool
    {
        return in_array($this, [
            self::InputLimit, self::SupplyLimit, self::IdleCharge, self::CableCompensation, self::Zero, self::Eco, self::OffTimer,
        ], true);
    }

    /** Its volts are of one cell, not of the bank. */
    public function isOfOneCell(): bool
    {
        return in_array($this, [self::CellHigh, self::CellLow, self::BalanceFrom], true);
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
