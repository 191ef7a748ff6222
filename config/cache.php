<?php

declare(strict_types=1);

return [
    // Several application servers count together: in the database where it is a cluster.
    'default' => env('CACHE_STORE', (string) env('DB_NODES', '') === '' ? 'file' : 'database'),
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        'database' => ['driver' => 'patient', 'table' => 'cache', 'lock_table' => 'cache_locks'],
        'file' => ['driver' => 'file', 'path' => storage_path('framework/cache/data'), 'lock_path' => storage_path('framework/cache/data')],
    ],
    'prefix' => 'pebblefell',
];
