<?php

declare(strict_types=1);

// Boxes of a charger, as the trade calls them.
return [
    'absorption_v' => 'Absorption',
    'absorption_limit_h' => 'Absorption, at most',
    'float_v' => 'Float',
    'equalise_v' => 'Equalise',
    'rebulk_v' => 'Re-bulk below',
    'low_temperature_cutoff_c' => 'Low-temperature cut-off',
    'tail_current_a' => 'Tail current',
    'compensation_mv_per_c' => 'Temperature compensation',
    'charge_current_a' => 'Charge current, at most',
    'charge_limit_v' => 'Charge limit',
    'warning_v' => 'Warning',
    'cutoff_v' => 'Cut-off',
    'disconnect_v' => 'Disconnect',
    'reconnect_v' => 'Reconnect',
    'restart_v' => 'Restart',
    'high_v' => 'Upper limit',
    'low_v' => 'Lower limit',
];
