<?php

declare(strict_types=1);

return [
    'default' => 'private',
    'disks' => [
        // Photographs: outside the web root, served by a controller that asks the policy.
        'private' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false, 'throw' => true],
    ],
    'links' => [],
];
