<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\DataFields;

/** The kinds of part that a system is made of. Data sheet lines and terminals of each: see DataFields and Terminals. */
enum PartKind: string
{
    case Battery = 'battery';
    case Panel = 'panel';
    case Regulator = 'regulator';
    case Dcdc = 'dcdc';
    case Isolator = 'isolator';
    case Alternator = 'alternator';
    case MainsCharger = 'mains_charger';
    case Converter = 'converter';
    case Inverter = 'inverter';
    case InverterCharger = 'inverter_charger';
    case Monitor = 'monitor';
    case LowVoltageDisconnect = 'low_voltage_disconnect';
    case Fuse = 'fuse';
    case Breaker = 'breaker';
    case Busbar = 'busbar';
    case Switch = 'switch';
    case DistributionBox = 'distribution_box';
    case EarthLeakage = 'earth_leakage';
    case ShoreInlet = 'shore_inlet';
    case Gauge = 'gauge';
    case HeatingPad = 'heating_pad';
    case Cable = 'cable';

    public function label(): string
    {
        return match ($this) {
            self::Battery => 'battery',
            self::Panel => 'solar panel',
            self::Regulator => 'solar regulator',
            self::Dcdc => 'DC-DC charger',
            self::Isolator => 'isolator or split relay',
            self::Alternator => 'alternator',
            self::MainsCharger => 'mains charger',
            self::Converter => 'power converter',
            self::Inverter => 'inverter',
            self::InverterCharger => 'inverter-charger',
            self::Monitor => 'battery monitor with shunt',
            self::LowVoltageDisconnect => 'low-voltage disconnect',
            self::Fuse => 'fuse',
            self::Breaker => 'breaker',
            self::Busbar => 'busbar',
            self::Switch => 'isolating switch',
            self::DistributionBox => 'distribution box',
            self::EarthLeakage => 'earth-leakage breaker',
            self::ShoreInlet => 'hook-up inlet',
            self::Gauge => 'old gauge or panel',
            self::HeatingPad => 'battery heating pad',
            self::Cable => 'cable',
        };
    }

    /** Puts charge into the house bank by itself and has charge settings. */
    public function isCharger(): bool
    {
        return in_array($this, [self::Regulator, self::Dcdc, self::MainsCharger, self::Converter, self::InverterCharger], true);
    }

    public function isInverter(): bool
    {
        return $this === self::Inverter || $this === self::InverterCharger;
    }

    /** Sold by the metre or the handful and carries no serial number. */
    public function isSundry(): bool
    {
        return in_array($this, [self::Fuse, self::Busbar, self::Switch, self::Cable, self::Breaker], true);
    }

    /**
     * @return array<string, DataField> by key, in reading order
     */
    public function fields(): array
    {
        return DataFields::of($this);
    }

    /**
     * @return array<string, Terminal> by name
     */
    public function terminals(): array
    {
        return Terminals::of($this);
    }
}
