<?php

declare(strict_types=1);

// Terminals. One that a kind calls otherwise stands under that kind.
return [
    'plus' => '+',
    'minus' => '−',
    'pv_plus' => 'pv +',
    'pv_minus' => 'pv −',
    'battery_plus' => 'battery +',
    'battery_minus' => 'battery −',
    'load_plus' => 'load +',
    'load_minus' => 'load −',
    'input_plus' => 'input +',
    'input_minus' => 'input −',
    'output_plus' => 'output +',
    'output_minus' => 'output −',
    'starter' => 'starter side +',
    'house' => 'house side +',
    'ac_in' => 'mains in',
    'ac_out' => 'outlets',
    'system_minus' => 'shunt, system side',
    'supply' => 'supply +',
    'load' => 'loads +',
    'in' => 'supply side',
    'out' => 'load side',
    'bar' => 'bar',
    'supply_plus' => 'supply +',
    'supply_minus' => 'supply −',
    'line' => 'supply side',
    'sense' => 'sense lead',
    'monitor' => [
        'battery_minus' => 'shunt, battery side',
    ],
    'earth_leakage' => [
        'load' => 'outlets',
    ],
    'generator' => [
        'ac_out' => 'mains',
    ],
    'sensor' => [
        'line' => 'its lead',
    ],
    'shore_inlet' => [
        'ac_out' => 'mains',
    ],
];
