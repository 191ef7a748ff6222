<?php

declare(strict_types=1);

// What a supplier is asked, and the words that may stand for it.
return [
    'letter' => [
        'subject' => 'Data for {model}',
        'greeting' => 'Good day,',
        'intro' => 'we are fitting {count} × {model} into a vehicle. Its data sheet leaves these open, and we reckon with them:',
        'words' => 'may be called: {words}',
        'closing' => 'A line to each is enough; a sheet or a manual does as well. Until we hear, we take the cautious value.',
        'thanks' => 'With thanks',
    ],
    'lines' => [
        'absorption_v' => [
            'question' => 'The charging voltage (absorption) at 25 °C',
            'words' => 'absorption, boost, charge voltage, cycle use, bulk voltage',
        ],
        'absorption_h' => [
            'question' => 'How long to hold it, and what ends it',
            'words' => 'absorption time, constant-voltage time',
        ],
        'float_v' => [
            'question' => 'The float voltage, or whether it is to be off',
            'words' => 'float, standby use, trickle',
        ],
        'max_charge_v' => [
            'question' => 'The highest voltage that it bears',
            'words' => 'maximum charge voltage, over-voltage protection',
        ],
        'tail_a' => [
            'question' => 'The current at which it counts as full',
            'words' => 'tail current, cut-off current, end-of-charge current',
        ],
        'recommended_charge_a' => [
            'question' => 'The recommended charging current',
            'words' => 'recommended charge current, 0.2 C',
        ],
        'charge_limit_a' => [
            'question' => 'The largest charging current',
            'words' => 'maximum continuous charge current',
        ],
        'discharge_limit_a' => [
            'question' => 'The largest continuous discharge current',
            'words' => 'maximum continuous discharge current, BMS rating',
        ],
        'discharge_30s_a' => [
            'question' => 'The discharge current that it gives for 30 seconds',
            'words' => 'peak current, surge current 30 s',
        ],
        'cutoff_v' => [
            'question' => 'The voltage at which the BMS opens when empty',
            'words' => 'low-voltage cut-off, under-voltage protection',
        ],
        'charge_min_c' => [
            'question' => 'The lowest temperature for charging',
            'words' => 'charge temperature range',
        ],
        'low_temp_cutoff' => [
            'question' => 'Whether the BMS itself stops charging in the cold',
            'words' => 'low-temperature charge protection',
        ],
        'discharge_min_c' => [
            'question' => 'The lowest temperature for discharging',
            'words' => 'discharge temperature range',
        ],
        'internal_mohm' => [
            'question' => 'The internal resistance of a new one',
            'words' => 'internal resistance, impedance',
        ],
        'max_series' => [
            'question' => 'How many may stand in series',
            'words' => 'series connection, max. in series',
        ],
        'max_parallel' => [
            'question' => 'How many may stand in parallel',
            'words' => 'parallel connection, max. in parallel',
        ],
        'wakes_by' => [
            'question' => 'What wakes the BMS once it has opened: itself, a charger, a button',
            'words' => 'recovery, wake-up, reset after protection',
        ],
        'rested_full_v' => [
            'question' => 'Its rested voltage when full',
            'words' => 'open-circuit voltage, rest voltage at 100 %',
        ],
        'rate_h' => [
            'question' => 'The hours over which the capacity was measured',
            'words' => 'C20, C10, hour rate',
        ],
        'voc_v' => [
            'question' => 'The open-circuit voltage',
            'words' => 'Voc',
        ],
        'vmp_v' => [
            'question' => 'The voltage at full power',
            'words' => 'Vmp, Vmpp',
        ],
        'isc_a' => [
            'question' => 'The short-circuit current',
            'words' => 'Isc',
        ],
        'voc_tempco_pct_per_c' => [
            'question' => 'The temperature coefficient of the open-circuit voltage',
            'words' => 'temperature coefficient of Voc, %/°C',
        ],
        'vmp_tempco_pct_per_c' => [
            'question' => 'The temperature coefficient of the power',
            'words' => 'temperature coefficient of Pmax, %/°C',
        ],
        'max_pv_v' => [
            'question' => 'The highest array voltage',
            'words' => 'maximum PV input voltage',
        ],
        'max_pv_isc_a' => [
            'question' => 'The largest short-circuit current of the array',
            'words' => 'max. PV short-circuit current',
        ],
        'lithium' => [
            'question' => 'Whether it has a lithium profile, or volts that one sets',
            'words' => 'lithium setting, user-defined charge curve',
        ],
        'absorption_min_v' => [
            'question' => 'The lowest absorption voltage that can be set',
            'words' => 'charge voltage range',
        ],
        'absorption_max_v' => [
            'question' => 'The highest absorption voltage that can be set, or that stands behind the switch',
            'words' => 'charge voltage range, preset volts',
        ],
        'equalise_can_disable' => [
            'question' => 'Whether equalisation can be switched off',
            'words' => 'equalise, equalisation off',
        ],
        'cold_cutoff' => [
            'question' => 'Whether it stops charging in the cold by a sensor of its own',
            'words' => 'low-temperature cut-off, battery temperature sensor',
        ],
        'gives_dead_volts' => [
            'question' => 'Whether it puts out volts of its own into a battery whose BMS has opened',
            'words' => 'wake-up function, charges from 0 V',
        ],
        'input_min_v' => [
            'question' => 'The lowest input voltage',
            'words' => 'input voltage range, shut-down voltage',
        ],
        'input_max_v' => [
            'question' => 'The highest input voltage',
            'words' => 'input voltage range',
        ],
        'engine_signal' => [
            'question' => 'Whether it wants an engine signal, and of what kind',
            'words' => 'D+, ignition, engine detection',
        ],
        'output_v' => [
            'question' => 'The output voltage that it is made for',
            'words' => 'nominal output voltage',
        ],
        'hidden_switch' => [
            'question' => 'Whether a lead/lithium switch is inside',
            'words' => 'battery type switch, jumper',
        ],
        'surge_w' => [
            'question' => 'The power that it gives for a start, and how long',
            'words' => 'peak power, surge rating',
        ],
        'idle_w' => [
            'question' => 'What it takes when on without a load',
            'words' => 'no-load consumption, idle draw',
        ],
        'low_cutoff_v' => [
            'question' => 'The DC voltage at which it switches off',
            'words' => 'low-battery shut-down',
        ],
        'neutral_bond' => [
            'question' => 'Whether its neutral is bonded to earth, always or when it works alone',
            'words' => 'neutral-earth bond, ground relay',
        ],
        'earth_leakage_ma' => [
            'question' => 'Whether an earth-leakage device is inside, and its rating',
            'words' => 'built-in RCD, GFCI',
        ],
        'derate_from_c' => [
            'question' => 'The temperature from which it gives less',
            'words' => 'derating temperature',
        ],
        'transfer_a' => [
            'question' => 'The current that its transfer switch carries',
            'words' => 'transfer switch rating',
        ],
        'regulated_v' => [
            'question' => 'The voltage that its regulator holds',
            'words' => 'regulator set point',
        ],
        'variable_volts' => [
            'question' => 'Whether the engine’s computer turns its volts up and down',
            'words' => 'smart alternator, variable voltage',
        ],
        'disconnect_v' => [
            'question' => 'The voltage at which it opens',
            'words' => 'disconnect voltage',
        ],
        'reconnect_v' => [
            'question' => 'The voltage at which it closes again',
            'words' => 'reconnect voltage',
        ],
        'carries_both_ways' => [
            'question' => 'Whether it carries charging current, and an inverter’s capacitors',
            'words' => 'bidirectional, charge through',
        ],
        'interrupt_a' => [
            'question' => 'The short-circuit current that it breaks',
            'words' => 'interrupt rating, AIC',
        ],
        'max_v' => [
            'question' => 'The highest DC voltage that it breaks',
            'words' => 'rated voltage DC',
        ],
    ],
];
