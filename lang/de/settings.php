<?php

declare(strict_types=1);

// Felder eines Ladegeräts, wie die Werkstatt sie nennt.
return [
    'absorption_v' => 'Absorption',
    'absorption_limit_h' => 'Absorption, höchstens',
    'float_v' => 'Erhaltungsladung',
    'equalise_v' => 'Ausgleichsladung',
    'rebulk_v' => 'Neu laden unter',
    'low_temperature_cutoff_c' => 'Abschaltung bei Kälte',
    'tail_current_a' => 'Endstrom',
    'compensation_mv_per_c' => 'Temperaturkompensation',
    'charge_current_a' => 'Ladestrom, höchstens',
    'charge_limit_v' => 'Ladegrenze',
    'warning_v' => 'Warnung',
    'cutoff_v' => 'Abschaltung',
    'disconnect_v' => 'Trennen',
    'reconnect_v' => 'Wieder verbinden',
    'restart_v' => 'Wieder anlaufen',
    'high_v' => 'Obere Grenze',
    'low_v' => 'Untere Grenze',
    'engine_off_v' => 'Motor gilt als aus unter',
    'capacity_ah' => 'Kapazität',
    'charged_v' => 'Gilt als voll ab',
    'charged_tail_pct' => 'Gilt als voll unter, von der Kapazität',
    'charged_min' => 'Gilt als voll nach',
    'charge_efficiency_pct' => 'Ladewirkungsgrad',
    'peukert' => 'Peukert-Exponent',
    'low_alarm_pct' => 'Alarm bei niedrigem Stand',
    'floor_pct' => 'Entladegrenze',
    'heater_on_c' => 'Heizung ein unter',
    'heater_off_c' => 'Heizung aus über',
];
