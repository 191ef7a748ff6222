<?php

declare(strict_types=1);

// What becomes of a part.
return [
    'keep' => 'keep',
    'reprogram' => 'keep, reprogram',
    'move' => 'keep, move',
    'relabel' => 'leave, label it',
    'remove' => 'take out',
    'add' => 'fit new',
    'disconnect' => 'disconnect, leave in',
];
