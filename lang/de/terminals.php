<?php

declare(strict_types=1);

// Anschlüsse. Was eine Art anders nennt, steht unter dieser Art.
return [
    'plus' => '+',
    'minus' => '−',
    'pv_plus' => 'Modul +',
    'pv_minus' => 'Modul −',
    'battery_plus' => 'Batterie +',
    'battery_minus' => 'Batterie −',
    'load_plus' => 'Last +',
    'load_minus' => 'Last −',
    'input_plus' => 'Eingang +',
    'input_minus' => 'Eingang −',
    'output_plus' => 'Ausgang +',
    'output_minus' => 'Ausgang −',
    'starter' => 'Starterseite +',
    'house' => 'Bordseite +',
    'ac_in' => 'Netz ein',
    'ac_out' => 'Steckdosen',
    'system_minus' => 'Shunt, Systemseite',
    'supply' => 'Zuleitung +',
    'load' => 'Verbraucher +',
    'in' => 'Speiseseite',
    'out' => 'Lastseite',
    'bar' => 'Schiene',
    'supply_plus' => 'Zuleitung +',
    'supply_minus' => 'Zuleitung −',
    'line' => 'Netzseite',
    'sense' => 'Messleitung',
    'monitor' => [
        'battery_minus' => 'Shunt, Batterieseite',
    ],
    'earth_leakage' => [
        'load' => 'Steckdosen',
    ],
    'generator' => [
        'ac_out' => 'Netz',
    ],
    'sensor' => [
        'line' => 'seine Leitung',
    ],
    'shore_inlet' => [
        'ac_out' => 'Netz',
    ],
];
