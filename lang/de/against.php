<?php

declare(strict_types=1);

// Was gegen eine Batterie spricht.
return [
    'bay' => 'sie passt nicht in das Fach',
    'payload' => 'sie ist schwerer als die restliche Zuladung',
    'slow' => 'eine volle Ladung dauert {hours}, und über Nacht gibt es keinen Landstrom',
];
