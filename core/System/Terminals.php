<?php

declare(strict_types=1);

namespace Pebblefell\System;

/** Which terminals each kind of part has, on which circuit, and which ports exclude one another. */
final class Terminals
{
    /**
     * @return array<string, Terminal> by name
     */
    public static function of(PartKind $kind): array
    {
        $terminals = [];
        foreach (self::listOf($kind) as $terminal) {
            $terminals[$terminal->name] = $terminal;
        }

        return $terminals;
    }

    /**
     * @return list<array{string, string}> pairs of ports of which only one works at a time
     */
    public static function exclusivePorts(PartKind $kind): array
    {
        return match ($kind) {
            // An inverter-charger either passes shore through or makes its own mains.
            PartKind::InverterCharger => [['shore', 'inverting']],
            default => [],
        };
    }

    /**
     * @return list<Terminal>
     */
    private static function listOf(PartKind $kind): array
    {
        return match ($kind) {
            PartKind::Battery => self::pair('', Circuit::HouseDc),
            PartKind::Panel => self::pair('', Circuit::Pv),
            PartKind::Regulator => [...self::pair('pv_', Circuit::Pv), ...self::pair('battery_', Circuit::HouseDc), ...self::pair('load_', Circuit::HouseDc)],
            PartKind::Dcdc => [...self::pair('input_', Circuit::StarterDc), ...self::pair('output_', Circuit::HouseDc)],
            PartKind::Isolator => [new Terminal('starter', 'starter side +', Circuit::StarterDc), new Terminal('house', 'house side +', Circuit::HouseDc)],
            PartKind::Alternator => self::pair('', Circuit::StarterDc),
            PartKind::MainsCharger, PartKind::Converter => [new Terminal('ac_in', 'mains in', Circuit::ShoreAc), ...self::pair('output_', Circuit::HouseDc)],
            PartKind::Inverter => [...self::pair('battery_', Circuit::HouseDc), new Terminal('ac_out', 'outlets', Circuit::InverterAc)],
            PartKind::InverterCharger => [
                ...self::pair('battery_', Circuit::HouseDc),
                new Terminal('ac_in', 'mains in', Circuit::ShoreAc, 'shore'),
                new Terminal('ac_out', 'outlets', Circuit::InverterAc, 'inverting'),
            ],
            PartKind::Monitor => [new Terminal('battery_minus', 'shunt, battery side', Circuit::HouseDc), new Terminal('system_minus', 'shunt, system side', Circuit::HouseDc)],
            PartKind::LowVoltageDisconnect => [new Terminal('supply', 'supply +', Circuit::HouseDc), new Terminal('load', 'loads +', Circuit::HouseDc)],
            PartKind::Fuse, PartKind::Breaker, PartKind::Switch => [new Terminal('in', 'supply side', Circuit::Any), new Terminal('out', 'load side', Circuit::Any)],
            PartKind::Busbar => [new Terminal('bar', 'bar', Circuit::Any)],
            PartKind::DistributionBox => self::pair('supply_', Circuit::HouseDc),
            PartKind::EarthLeakage => [new Terminal('line', 'supply side', Circuit::Any), new Terminal('load', 'outlets', Circuit::Any)],
            PartKind::ShoreInlet => [new Terminal('ac_out', 'mains', Circuit::ShoreAc)],
            PartKind::Gauge, PartKind::HeatingPad => self::pair('', Circuit::HouseDc),
            PartKind::Cable => [],
        };
    }

    /**
     * @return array{Terminal, Terminal}
     */
    private static function pair(string $prefix, Circuit $circuit): array
    {
        $word = trim(str_replace('_', ' ', $prefix));

        return [
            new Terminal($prefix . 'plus', trim($word . ' +'), $circuit),
            new Terminal($prefix . 'minus', trim($word . ' −'), $circuit),
        ];
    }
}
