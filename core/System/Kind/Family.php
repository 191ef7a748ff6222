<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\PartKind;

/**
 * Names what kinds have in common, by the trade's word for it: a rule asks for the family, so that a new kind is met by every rule that is
 * about it. A kind says which families it is of (`Kind::families`).
 */
enum Family
{
    case Battery;
    case Panel;
    case SolarRegulator;
    case Dcdc;
    case SplitRelay;
    /** Devices that charge the house bank while the engine runs: DC-DC chargers and split relays. */
    case EngineCharger;
    case Alternator;
    case AlternatorRegulator;
    /** Devices that charge from the mains, combined devices among them. */
    case MainsCharger;
    /** Devices that make mains, combined devices among them. */
    case Inverter;
    /** Devices that put charge into the house bank by themselves and have charge settings. */
    case Charger;
    case Monitor;
    case Display;
    case Gauge;
    case Sensor;
    /** Parts that open by themselves when the current is too large. */
    case OvercurrentDevice;
    case Fuse;
    case Breaker;
    /** Parts that a hand opens and closes: switches and breakers. */
    case HandSwitch;
    case Switch;
    case LowVoltageDisconnect;
    case EarthLeakage;
    case Busbar;
    case DistributionBox;
    case ShoreInlet;
    case Generator;
    case Bms;
    case HeatingPad;
    case Plug;
    case Cable;
    /** Parts that are sold by the metre or the handful and carry no serial number. */
    case Sundry;

    /**
     * @return list<PartKind> of it, in the order of PartKind
     */
    public function kinds(): array
    {
        return Kinds::members($this);
    }
}
