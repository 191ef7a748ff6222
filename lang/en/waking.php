<?php

declare(strict_types=1);

// Will it wake?
return [
    'ways' => [
        'cold' => 'Too cold: the BMS opens below its limit, and comes back once it is warmer',
        'empty' => 'Empty: the BMS opens at its cut-off',
        'overload' => 'Overload: the BMS opens; take the load off first',
        'fault' => 'BMS fault: find the cause first',
        'disconnect' => 'The disconnect opens: {parts}',
        'breaker' => 'Opened at the main fuse or breaker: {parts}. A hand closes it',
    ],
    'how' => [
        'itself' => 'by itself',
        'wakes' => 'wakes it',
        'button' => 'needs the button',
        'cannot' => 'cannot',
        'goes-on' => 'goes on charging',
        'unknown' => 'not noted',
    ],
    'nothing-dark' => 'nothing that is drawn goes dead',
    'sum' => [
        'itself' => 'its BMS comes back by itself',
        'button' => 'a button brings it back',
        'wakes' => 'woken by {parts}',
        'stuck' => 'once its BMS has opened, nothing wakes it',
        'unknown' => 'not noted: what wakes the battery, and which charger gives volts into a dead bank',
        'lead' => 'lead has no BMS that opens',
    ],
];
