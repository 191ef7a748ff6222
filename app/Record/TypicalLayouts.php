<?php

declare(strict_types=1);

namespace App\Record;

/**
 * Starting points for a survey: what is usually found. Every figure in them is assumed, and marked so until someone reads the label.
 *
 * Each part: name within the layout => [kind, place, data, role]; each wire joins two terminals "name.terminal".
 */
final class TypicalLayouts
{
    private const AGM = [
        'chemistry' => 'agm',
        'nominal_v' => 12.0,
        'capacity_ah' => 100.0,
        'rate_h' => 20.0,
        'age_years' => 4.0,
        'mass_kg' => 29.0,
    ];

    private const FLOODED = [
        'chemistry' => 'flooded',
        'nominal_v' => 12.0,
        'capacity_ah' => 85.0,
        'rate_h' => 20.0,
        'age_years' => 3.0,
        'mass_kg' => 20.0,
    ];

    /** @return array<string, array{label: string, about: string, parts: array<string, array{0: string, 1: string, 2: array<string, mixed>,
    *     3?: string}>, wires: list<array{string, string}>}> */
    public static function all(): array
    {
        return [
            'caravan' => [
                'label' => 'Usual caravan',
                'about' => 'one AGM, power converter, split relay, distribution box, gauge, hook-up with its breaker',
                'parts' => [
                    'battery' => ['battery', 'front locker', self::AGM],
                    'converter' => ['converter', 'wardrobe', ['output_a' => 20.0, 'output_v' => 12.0]],
                    'relay' => ['isolator', 'A-frame box', ['method' => 'relay', 'rating_a' => 30.0]],
                    'box' => ['distribution_box', 'wardrobe', ['circuits' => 6.0, 'rating_a' => 40.0]],
                    'gauge' => ['gauge', 'over the door', ['reads' => 'volts']],
                    'inlet' => ['shore_inlet', 'side', ['rating_a' => 16.0]],
                    'rcd' => ['earth_leakage', 'wardrobe', ['rating_a' => 16.0, 'residual_ma' => 30.0]],
                    'fuse' => ['fuse', 'at the battery', ['rating_a' => 40.0, 'family' => 'blade']],
                ],
                'wires' => [
                    ['battery.plus', 'fuse.in'], ['fuse.out', 'box.supply_plus'], [
                        'battery.minus',
                        'box.supply_minus',
                    ], ['converter.output_plus', 'box.supply_plus'],
                    ['converter.output_minus', 'box.supply_minus'], ['relay.house', 'fuse.in'], ['inlet.ac_out', 'rcd.line'], [
                        'rcd.load',
                        'converter.ac_in',
                    ], ['gauge.plus', 'box.supply_plus'], ['gauge.minus', 'box.supply_minus'],
                ],
            ],
            'camper' => [
                'label' => 'Camper van with a panel',
                'about' => 'two AGM, one panel on a PWM regulator, volts-sensing isolator, starter battery and alternator',
                'parts' => [
                    'one' => ['battery', 'under the seat', self::AGM],
                    'two' => ['battery', 'under the seat', self::AGM],
                    'panel' => ['panel', 'roof', ['pmax_w' => 100.0, 'voc_v' => 22.4]],
                    'regulator' => ['regulator', 'over the door', ['technology' => 'pwm', 'max_charge_a' => 10.0]],
                    'isolator' => ['isolator', 'engine bay', ['method' => 'volts_sensing', 'rating_a' => 120.0]],
                    'starter' => ['battery', 'engine bay', self::FLOODED, 'starter'],
                    'alternator' => ['alternator', 'engine', ['rated_a' => 120.0, 'regulated_v' => 14.4], 'starter'],
                    'fuse' => ['fuse', 'at the bank', ['rating_a' => 60.0, 'family' => 'sf30']],
                    'box' => ['distribution_box', 'behind the driver', ['circuits' => 8.0]],
                ],
                'wires' => [
                    ['one.plus', 'two.plus'], ['one.minus', 'two.minus'], ['one.plus', 'fuse.in'], [
                        'fuse.out',
                        'box.supply_plus',
                    ], ['one.minus', 'box.supply_minus'], ['panel.plus', 'regulator.pv_plus'],
                    ['panel.minus', 'regulator.pv_minus'], ['regulator.battery_plus', 'one.plus'], [
                        'regulator.battery_minus',
                        'one.minus',
                    ], ['isolator.house', 'one.plus'], ['isolator.starter', 'starter.plus'], ['alternator.plus', 'starter.plus'],
                ],
            ],
            'motorhome' => [
                'label' => 'Motorhome with an inverter',
                'about' => 'two AGM, inverter, mains charger, panel on an MPPT regulator, low-voltage disconnect, monitor',
                'parts' => [
                    'one' => ['battery', 'garage', self::AGM],
                    'two' => ['battery', 'garage', self::AGM],
                    'inverter' => [
                        'inverter',
                        'garage',
                        ['continuous_w' => 1500.0, 'surge_w' => 3000.0, 'efficiency_pct' => 88.0, 'idle_w' => 15.0],
                    ],
                    'charger' => ['mains_charger', 'garage', ['output_a' => 20.0, 'output_v' => 12.0]],
                    'panel' => ['panel', 'roof', ['pmax_w' => 160.0, 'voc_v' => 23.9]],
                    'regulator' => ['regulator', 'garage', ['technology' => 'mppt', 'max_charge_a' => 15.0]],
                    'lvd' => ['low_voltage_disconnect', 'garage', ['rating_a' => 60.0, 'disconnect_v' => 10.8]],
                    'monitor' => ['monitor', 'garage', ['shunt_a' => 300.0]],
                    'fuse' => ['fuse', 'at the bank', ['rating_a' => 200.0, 'family' => 'sf51', 'interrupt_a' => 2500.0]],
                    'inlet' => ['shore_inlet', 'side', ['rating_a' => 16.0]],
                    'rcd' => ['earth_leakage', 'garage', ['rating_a' => 16.0, 'residual_ma' => 30.0]],
                ],
                'wires' => [
                    ['one.plus', 'two.plus'], ['one.minus', 'two.minus'], ['one.plus', 'fuse.in'], [
                        'fuse.out',
                        'inverter.battery_plus',
                    ], ['two.minus', 'monitor.battery_minus'], ['monitor.system_minus', 'inverter.battery_minus'],
                    ['fuse.out', 'lvd.supply'], ['panel.plus', 'regulator.pv_plus'], [
                        'panel.minus',
                        'regulator.pv_minus',
                    ], ['regulator.battery_plus', 'fuse.out'], ['regulator.battery_minus', 'monitor.system_minus'],
                    ['charger.output_plus', 'fuse.out'], [
                        'charger.output_minus',
                        'monitor.system_minus',
                    ], ['inlet.ac_out', 'rcd.line'], ['rcd.load', 'charger.ac_in'],
                ],
            ],
            'boat' => [
                'label' => 'Small boat',
                'about' => 'house and starter battery, isolating switch, mains charger, distribution box',
                'parts' => [
                    'house' => ['battery', 'aft locker', self::AGM],
                    'starter' => ['battery', 'engine bay', self::FLOODED, 'starter'],
                    'switch' => ['switch', 'aft locker', ['rating_a' => 150.0]],
                    'fuse' => ['fuse', 'at the battery', ['rating_a' => 100.0, 'family' => 'sf30']],
                    'charger' => ['mains_charger', 'aft locker', ['output_a' => 15.0, 'output_v' => 12.0]],
                    'box' => ['distribution_box', 'helm', ['circuits' => 8.0]],
                ],
                'wires' => [
                    ['house.plus', 'fuse.in'],
                    ['fuse.out', 'switch.in'],
                    ['switch.out', 'box.supply_plus'],
                    ['house.minus', 'box.supply_minus'],
                    ['charger.output_plus', 'fuse.out'],
                    ['charger.output_minus', 'house.minus'],
                ],
            ],
        ];
    }
}
