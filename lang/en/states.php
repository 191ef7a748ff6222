<?php

declare(strict_types=1);

// Stones on the skyline.
return [
    'todo' => 'to do',
    'done' => 'done',
    'stopped' => 'has a stop',
];
