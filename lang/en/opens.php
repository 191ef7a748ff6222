<?php

declare(strict_types=1);

// What if it opens?
return [
    'regulator-loses-battery' => 'Its panels go on feeding it, and no battery holds it: its volts may run away. Open the array first.',
    'alternator-loses-load' => 'It runs, and no battery holds it: its volts run away and destroy what hangs there. Stop the engine first.',
    'undrawn' => 'what it charges is not drawn yet: note its lead on Survey, and ask again.',
    'states' => ['open' => 'open', 'dark' => 'dark', 'danger' => 'in danger', 'live' => 'live'],
    'none' => 'nothing is in danger',
    'show' => 'Show',
    'state' => 'State',
    'tap' => 'A tap',
    'shows' => ['planned' => 'as planned', 'found' => 'as found', 'both' => 'what changes'],
    'taps' => ['open' => 'opens it', 'safe' => 'asks where it is safe', 'join' => 'joins two'],
    'while' => ['rest' => 'at rest', 'sun' => 'sun', 'driving' => 'driving', 'shore' => 'hooked up', 'generator' => 'generator'],
    'lanes' => ['sun' => 'Sun', 'engine' => 'Engine', 'house' => 'House', 'mains' => 'Mains'],
    'states-of' => ['rest' => 'At rest', 'sun' => 'In the sun', 'engine' => 'Driving in the sun', 'shore' => 'Hooked up', 'generator' => 'On the generator'],
    'whole-bank' => 'The whole bank: every BMS at once, or its posts lifted',
    'dark' => ':count dark',
    'dangers' => '{1} one case in which something is in danger|[2,*] :count cases in which something is in danger',
    'matrix-answer' => 'what goes dark, what is in danger',
    'held' => ['sun' => 'the sun', 'engine' => 'the running engine', 'shore' => 'the hook-up', 'generator' => 'the generator', 'nothing' => 'nothing that is drawn'],
    'stops' => ['engine' => 'Engine off, key out, and kept so.', 'shore' => 'Unplug the hook-up, and keep the plug in sight.', 'generator' => 'Stop the generator.'],
    'do' => [
        'open' => 'Open :parts and secure it.',
        'pull' => 'Pull :parts, with nothing drawing through it.',
        'cover' => 'Cover the panels, or wait for the dark: :parts.',
        'lift' => 'Lift the leads off :parts, negative first, and insulate the lugs.',
    ],
    'leaves' => 'leaves :parts without a battery.',
    'prove' => 'Prove it dead: measure at the terminals of :part against the negative, on a meter tried on a live point before and after.',
    'prove-inverter' => 'Wait five minutes for the capacitors of the inverter, then prove it dead: measure at the terminals of :part, DC and AC, on a meter tried on a live point before and after.',
    'never-dead' => 'A battery is never dead: its own posts stay live whatever is opened. Cover them, use insulated tools, take off rings and watches.',
    'safe-caution' => 'Whatever a lit regulator or a running charger reaches counts as live until it is measured. Mains belong to licensed people. Stacked lugs stay live together.',
    'shorten' => 'or cut to :length',
    'pieces' => ['trunk' => 'main fuse, switch and bar', 'return' => 'negative bar and shunt'],
    'typed' => [
        'help' => 'A new lead, with parts dropped in: p3.plus -> fuse 60A -> p9.in 16mm2 0.6m. One that is there: c5 16mm2 1.2m 90C, c5 at 60C bundle 4, c5 fuse 60A, c5 out.',
        'leads-in' => '{1} a lead comes in|[2,*] :count leads come in',
        'parts-in' => '{1} a part comes in|[2,*] :count parts come in',
        'leads-out' => '{1} a lead goes|[2,*] :count leads go',
        'lines-set' => '{1} one value of a lead is set|[2,*] :count values of a lead are set',
    ],
];
