<?php

declare(strict_types=1);

// Kinds of part, as the trade calls them.
return [
    'battery' => 'battery',
    'panel' => 'solar panel',
    'regulator' => 'solar regulator',
    'dcdc' => 'DC-DC charger',
    'isolator' => 'isolator or split relay',
    'alternator' => 'alternator',
    'mains_charger' => 'mains charger',
    'converter' => 'power converter',
    'inverter' => 'inverter',
    'inverter_charger' => 'inverter-charger',
    'monitor' => 'battery monitor with shunt',
    'low_voltage_disconnect' => 'low-voltage disconnect',
    'fuse' => 'fuse',
    'breaker' => 'breaker',
    'busbar' => 'busbar',
    'switch' => 'isolating switch',
    'distribution_box' => 'distribution box',
    'earth_leakage' => 'earth-leakage breaker',
    'shore_inlet' => 'hook-up inlet',
    'gauge' => 'old gauge or panel',
    'heating_pad' => 'battery heating pad',
    'cable' => 'cable',
    'generator' => 'generator',
    'bms' => 'BMS of its own',
    'alternator_regulator' => 'alternator regulator',
    'plug' => 'plug and socket',
    'display' => 'display, hub or remote',
    'sensor' => 'sensor',
    'roles' => ['house' => 'house battery', 'starter' => 'starter battery', 'apart' => 'battery of another system'],
    'sides' => ['house' => 'house', 'starter' => 'starter, engine', 'apart' => 'a system of its own'],
];
