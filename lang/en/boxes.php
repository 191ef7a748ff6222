<?php

declare(strict_types=1);

// What stands on boxes, and in their apps: by what the trade means by it. Common practice.
return [
    'words' => [
        'absorption_v' => ['absorption', 'boost', 'improved charge', 'cycle use', 'cyclic', 'charge voltage', 'main charge', 'topping charge', 'constant voltage', 'CV', 'U1', 'equalisation'],
        'absorption_limit_h' => ['absorption time', 'boost duration', 'boost time', 'CV time', 'maximum absorption'],
        'float_v' => ['float', 'standby use', 'maintenance charge', 'trickle charge', 'holding charge', 'U2'],
        'equalise_v' => ['equalise', 'equalize', 'equalisation', 'desulphation', 'conditioning', 'reconditioning'],
        'rebulk_v' => ['re-bulk', 'boost reconnect', 'recharge voltage', 'restart charge', 'bulk return'],
        'low_temperature_cutoff_c' => ['low temperature cut-off', 'charge low temperature', 'under-temperature charging', 'frost protection', 'UTC'],
        'tail_current_a' => ['tail current', 'end current', 'return amps', 'cut-off current', 'finish current'],
        'compensation_mv_per_c' => ['temperature compensation', 'temp coefficient', 'compensation factor'],
        'charge_current_a' => ['charge current', 'current limit', 'max output', 'charger size', 'power limit'],
        'engine_off_v' => ['engine shutdown', 'input cut-out', 'vehicle detection', 'ignition level', 'start voltage'],
        'warning_v' => ['low battery alarm', 'under-voltage warning', 'pre-alarm', 'buzzer'],
        'cutoff_v' => ['low voltage cut-off', 'under-voltage shutdown', 'low input', 'DC input low', 'LVC'],
        'restart_v' => ['low battery restart', 'cut-in', 'under-voltage recovery', 'restart level'],
        'disconnect_v' => ['disconnect', 'load off', 'LVD', 'deep discharge protection', 'dropout'],
        'reconnect_v' => ['reconnect', 'load on', 'LVR', 'recovery voltage', 'pull-in'],
        'capacity_ah' => ['battery capacity', 'bank size', 'nominal Ah'],
        'charged_v' => ['charged voltage', 'full voltage', 'sync voltage'],
        'charged_tail_pct' => ['tail current %', 'full current', 'sync current'],
        'charged_min' => ['charged detection time', 'sync time', 'full delay'],
        'charge_efficiency_pct' => ['charge efficiency factor', 'CEF', 'coulomb efficiency'],
        'peukert' => ['Peukert exponent', 'Peukert', 'discharge exponent'],
        'low_alarm_pct' => ['low SOC alarm', 'low charge alarm', 'relay low'],
        'floor_pct' => ['discharge floor', 'minimum SOC', 'depth of discharge limit'],
        'heater_on_c' => ['heater on', 'heating start'],
        'heater_off_c' => ['heater off', 'heating stop'],
    ],
    // Words that mean one thing on one box and another on the next: look at the number beside them in its sheet.
    'misleading' => ['equalisation', 'cycle use', 'boost', 'charge voltage'],
    'screen' => 'settings screen, as read back',
    'means' => '“:word” on the box is :parameter.',
    'misleads' => 'The word misleads: on some boxes it is something else. Look at the volts beside it in the data sheet: about :absorption is absorption, above :high is equalising.',
    'unknown' => 'Nobody has noted what “:word” means yet. Ask its maker, and note it here.',
    'earlier' => 'The same model was last set in “:job”. There it stands otherwise: :differs. This bank and its data sheet ask for what is planned here.',
    'earlier-same' => 'The same model was last set in “:job”, as it is planned here.',
    'schools' => [
        'everyday' => 'As its data sheet has it: :wh to use.',
        'full' => 'Longer at the top, so that the cells are balanced: :wh to use. Not for every day: it ages a bank that stands full.',
        'long_life' => 'Stops at about :full: :wh to use, and it ages more slowly. Balancers work from :volts a cell only: charge it full once a month. Size and the year still reckon with the whole bank.',
        'storage' => 'Held at about :full, as it keeps best: :wh left. Switch chargers off where that can be done; no balancing below :volts a cell.',
    ],
];
