<?php

declare(strict_types=1);

return [
    // In the database: several application servers count together, and what has run out is swept.
    'default' => env('CACHE_STORE', 'database'),
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        'database' => ['driver' => 'patient', 'table' => 'cache', 'lock_table' => 'cache_locks'],
    ],
    'prefix' => 'pebblefell',
];
