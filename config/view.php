<?php

declare(strict_types=1);

return [
    'paths' => [resource_path('views')],
    'compiled' => storage_path('framework/views'),
    // `start` compiles every view; in between none changes.
    'check_cache_timestamps' => env('APP_ENV', 'production') !== 'production',
];
