<?php

declare(strict_types=1);

// Grenzen auf der Ausdauerkarte.
return [
    'roof' => 'auf das Dach passt ein solches Modul|auf das Dach passen :count solche Module',
    'bay' => 'in das Fach passt eine solche Batterie|in das Fach passen :count solche Batterien',
    'payload' => ':left bleiben für Batterien und Module',
    'money' => ':money für Batterien und Module',
];
