<?php

declare(strict_types=1);

// When a day's work runs: its parts, by whom, and what waits.
return [
    'tasks' => [
        'before' => 'Guard, pictures', 'glue' => 'Glue the panels', 'cure' => 'Adhesive cures', 'charge' => 'Batteries charge and rest', 'isolate' => 'Isolate', 'strip' => 'Strip',
        'fit' => 'Fit and cable', 'roof' => 'Panel leads', 'balance' => 'Join the batteries', 'connect' => 'Connect the bank', 'power' => 'Power up, settings', 'close' => 'Prove, close',
    ],
    'lanes' => ['vehicle' => 'Vehicle', 'roof' => 'Roof', 'bench' => 'Bench'],
    'of' => '{done} of {all}',
    'waits' => '{wait} until {until}; meanwhile: {beside}.',
    'waits-alone' => '{wait} until {until}; nothing else can be done.',
    'took' => '{count, plural, one {“{what}” took {minutes}, half of them {low} to {high} (# job).} other {“{what}” took {minutes}, half of them {low} to {high} (# jobs).}}',
    'better-bay' => '{place} is free all that time.',
    'better-day' => '{place} is free from {when}.',
    'better-people' => 'There are enough from {when}.',
];
