<?php

declare(strict_types=1);

// Said where it can hurt.
return [
    'mains' => 'Inverter outlets and hook-up carry {volts}. Isolate, prove dead, and leave this work to a licensed person under {rule}.',
    'bank' => 'A short across the bank welds spanners and starts fires. Rings and watches off, taped or insulated tools, one terminal at a time, main fuse out first. {Local}',
    'local' => 'Local rules ({rule}) have the last word.',
    'local-outside' => '{rule} may ask for lithium batteries outside the living space: check the edition in force before placing them.',
    'solar' => 'Panels are live whenever there is light: cover or isolate them first, and never open a DC circuit under load with a plug. On a roof, guard against falls.',
];
