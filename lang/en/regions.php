<?php

declare(strict_types=1);

// What differs by region: what a device is called, and the names of the rules to look up.
return [
    'europe' => ['name' => 'Europe, 230 V', 'earth_leakage' => 'RCD', 'mains_rule' => 'IEC/HD 60364-7-721 and the national wiring rules', 'low_voltage_rule' => 'EN 1648-1 and -2'],
    'united_kingdom' => ['name' => 'United Kingdom, 230 V', 'earth_leakage' => 'RCD or RCBO', 'mains_rule' => 'BS 7671 section 721', 'low_voltage_rule' => 'BS EN 1648-1 and -2'],
    'australia_new_zealand' => ['name' => 'Australia and New Zealand, 230 V', 'earth_leakage' => 'RCD (safety switch)', 'mains_rule' => 'AS/NZS 3000 and AS/NZS 3001.2', 'low_voltage_rule' => 'AS/NZS 3001.2'],
    'north_america' => ['name' => 'North America, 120 V', 'earth_leakage' => 'GFCI', 'mains_rule' => 'NFPA 70 (NEC) article 551, or CSA C22.1 in Canada', 'low_voltage_rule' => 'NFPA 1192 and ANSI/RVIA LV'],
];
