<?php

declare(strict_types=1);

// Was je Region anders ist: wie ein Gerät heißt, und die Namen der Regeln zum Nachschlagen.
return [
    'europe' => ['name' => 'Europa, 230 V', 'earth_leakage' => 'FI-Schutzschalter (RCD)', 'mains_rule' => 'IEC/HD 60364-7-721 und den nationalen Errichtungsregeln', 'low_voltage_rule' => 'EN 1648-1 und -2'],
    'united_kingdom' => ['name' => 'Vereinigtes Königreich, 230 V', 'earth_leakage' => 'RCD oder RCBO', 'mains_rule' => 'BS 7671 Abschnitt 721', 'low_voltage_rule' => 'BS EN 1648-1 und -2'],
    'australia_new_zealand' => ['name' => 'Australien und Neuseeland, 230 V', 'earth_leakage' => 'RCD (safety switch)', 'mains_rule' => 'AS/NZS 3000 und AS/NZS 3001.2', 'low_voltage_rule' => 'AS/NZS 3001.2'],
    'north_america' => ['name' => 'Nordamerika, 120 V', 'earth_leakage' => 'GFCI', 'mains_rule' => 'NFPA 70 (NEC) Artikel 551, in Kanada CSA C22.1', 'low_voltage_rule' => 'NFPA 1192 und ANSI/RVIA LV'],
];
