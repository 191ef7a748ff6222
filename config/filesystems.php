<?php

declare(strict_types=1);

return [
    'default' => 'private',
    'disks' => [
        // The framework's own disk would bring routes of its own; nothing is served from it.
        'local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false, 'throw' => true],
        // Photographs: outside the web root, served by a controller that asks the policy.
        'private' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false, 'throw' => true],
    ],
    'links' => [],
];
