<?php

declare(strict_types=1);

// What one part tells another.
return [
    'engine_running' => 'engine is running',
    'may_charge' => 'BMS allows charging',
    'may_discharge' => 'BMS allows discharging',
    'battery_temperature' => 'battery temperature',
    'battery_volts' => 'battery volts',
];
