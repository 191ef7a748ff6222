<?php

declare(strict_types=1);

return [
    // Several application servers share the sessions: in the database where it is a cluster.
    'driver' => env('SESSION_DRIVER', (string) env('DB_NODES', '') === '' ? 'file' : 'patient'),
    'lifetime' => (int) env('SESSION_LIFETIME', 480),
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'table' => 'sessions',
    'connection' => null,
    'lottery' => [2, 100],
    // Cookies do not tell ports apart: two copies on one machine need two names.
    'cookie' => 'pebblefell_' . substr(hash('sha256', (string) env('APP_KEY', '')), 0, 8),
    'path' => '/',
    'domain' => null,
    'secure' => str_starts_with((string) env('APP_URL', ''), 'https://'),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
    'serialization' => 'json',
];
