<?php

declare(strict_types=1);

// Steine auf der Silhouette.
return [
    'todo' => 'offen',
    'done' => 'erledigt',
    'stopped' => 'hat einen Halt',
];
