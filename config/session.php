<?php

declare(strict_types=1);

return [
    // In the database: several application servers share them, a person's can be ended, and those of visitors are bounded in number.
    'driver' => env('SESSION_DRIVER', 'patient'),
    'lifetime' => (int) env('SESSION_LIFETIME', 480),
    'expire_on_close' => false,
    'encrypt' => false,
    'table' => 'sessions',
    'connection' => null,
    // Swept by one request in twenty.
    'lottery' => [5, 100],
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
