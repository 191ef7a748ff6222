<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\System\Kind\Family;
use Pebblefell\System\Kind\Kind;
use Pebblefell\System\Kind\Kinds;
use Pebblefell\System\Sheet\DataField;

/** The kinds of part that a system is made of. What each is, does and has: see Kind. */
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
    case Generator = 'generator';
    case Bms = 'bms';
    case AlternatorRegulator = 'alternator_regulator';
    case Plug = 'plug';
    case Display = 'display';
    case Sensor = 'sensor';

    public function kind(): Kind
    {
        return Kinds::of($this);
    }

    /**
     * @return array<string, DataField> by key, in reading order
     */
    public function fields(): array
    {
        return Kinds::fields($this);
    }

    /**
     * The lines of a sheet that this version knows: a newer one, which serves beside it during an upgrade, may have written more.
     *
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed>
     */
    public function knownOf(array $values): array
    {
        return array_intersect_key($values, $this->fields());
    }

    /**
     * @return array<string, Terminal> by name
     */
    public function terminals(): array
    {
        return Kinds::terminals($this);
    }

    /** Whether it is of one of the families. */
    public function is(Family ...$families): bool
    {
        foreach ($families as $family) {
            if (Kinds::is($this, $family)) {
                return true;
            }
        }

        return false;
    }

    /** Whether it puts charge into the house bank by itself and has charge settings. */
    public function isCharger(): bool
    {
        return $this->is(Family::Charger);
    }

    public function isInverter(): bool
    {
        return $this->is(Family::Inverter);
    }

    /** Whether it is sold by the metre or the handful and carries no serial number. */
    public function isSundry(): bool
    {
        return $this->is(Family::Sundry);
    }
}
