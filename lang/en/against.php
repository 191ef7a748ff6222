<?php

declare(strict_types=1);

// What speaks against a battery.
return [
    'bay' => 'it does not go into the bay',
    'payload' => 'it is heavier than the payload that is left',
    'slow' => 'a full charge takes {hours}, and there is no hook-up overnight',
];
