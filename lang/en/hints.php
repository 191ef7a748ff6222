<?php

declare(strict_types=1);

// Habits and changes that save energy.
return [
    'inverter-off' => 'Switch the inverter off while nothing needs it',
    'standby-off' => 'Switch {appliance} off at the wall instead of leaving it on standby',
    'ventilate' => 'Ventilate first, then let {appliance} cool',
    'dc-fridge' => 'A DC compressor fridge in place of {appliance} saves the inverter’s losses',
    'fuel-heat' => 'Gas or diesel heat in place of {appliance}',
];
