<?php

declare(strict_types=1);

return [
    'default' => 'private',
    'disks' => [
        // The framework's own disk would bring routes of its own; nothing is served from it.
        'local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false, 'throw' => true],
        // Photographs: outside the web root, served by a controller that asks the policy.
        // Several application servers share them: FILES_PATH names a folder that all of them see. FILES_DRIVER=s3 asks an S3-like store instead,
        // with the package that docs/deployment.md names; nobody has tried that.
        'private' => env('FILES_DRIVER', 'local') === 's3' ? [
            'driver' => 's3',
            'key' => env('FILES_KEY'),
            'secret' => env('FILES_SECRET'),
            'region' => env('FILES_REGION', 'auto'),
            'bucket' => env('FILES_BUCKET'),
            'endpoint' => env('FILES_ENDPOINT'),
            'use_path_style_endpoint' => true,
            'throw' => true,
        ] : ['driver' => 'local', 'root' => env('FILES_PATH') ?: storage_path('app/private'), 'serve' => false, 'throw' => true],
    ],
    'links' => [],
];
