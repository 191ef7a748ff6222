<?php

declare(strict_types=1);

// The voltage ladder: what each threshold does.
return [
    'unsure' => 'Either may come first: “{upper}”, and “{lower}”. Their leads and what two meters may err ({share} each) leave too little between them.',
    'down' => 'on the way down',
    'up' => 'on the way up',
    'several' => 'all {count}',
    'absorption_v' => 'absorption',
    'float_v' => 'float',
    'equalise_v' => 'equalise',
    'rebulk_v' => 'back to bulk',
    'charge_limit_v' => 'charge limit',
    'warning_v' => 'warns',
    'cutoff_v' => 'cuts off',
    'restart_v' => 'restarts',
    'disconnect_v' => 'opens',
    'reconnect_v' => 'reconnects',
];
