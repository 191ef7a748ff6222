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
    'engine_off_v' => 'Engine counts as off below',
    'capacity_ah' => 'Capacity',
    'charged_v' => 'Counts as full from',
    'charged_tail_pct' => 'Counts as full below, of the capacity',
    'charged_min' => 'Counts as full after',
    'charge_efficiency_pct' => 'Charge efficiency',
    'peukert' => 'Peukert exponent',
    'low_alarm_pct' => 'Low alarm',
    'floor_pct' => 'Discharge floor',
    'heater_on_c' => 'Heater on below',
    'heater_off_c' => 'Heater off above',
];
