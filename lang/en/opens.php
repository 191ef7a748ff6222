<?php

declare(strict_types=1);

// What if it opens?
return [
    'regulator-loses-battery' => 'Its panels go on feeding it, and no battery holds it: its volts may run away. Open the array first.',
    'alternator-loses-load' => 'It runs, and no battery holds it: its volts run away and destroy what hangs there. Stop the engine first.',
    'undrawn' => 'what it charges is not drawn yet: note its lead on Survey, and ask again.',
    'while' => ['sun' => 'the sun shines', 'engine' => 'the engine runs', 'shore' => 'it is hooked up', 'generator' => 'a generator runs'],
    'states' => ['open' => 'open', 'dark' => 'dark', 'danger' => 'in danger', 'live' => 'live'],
    'none' => 'nothing is in danger',
];
