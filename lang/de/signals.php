<?php

declare(strict_types=1);

// Was ein Teil dem andern meldet.
return [
    'engine_running' => 'Motor läuft',
    'may_charge' => 'BMS erlaubt Laden',
    'may_discharge' => 'BMS erlaubt Entladen',
    'battery_temperature' => 'Batterietemperatur',
    'battery_volts' => 'Batteriespannung',
];
