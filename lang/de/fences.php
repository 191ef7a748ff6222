<?php

declare(strict_types=1);

// Grenzen auf der Ausdauerkarte.
return [
    'roof' => '{count, plural, one {auf das Dach passt ein solches Modul} other {auf das Dach passen # solche Module}}',
    'bay' => '{count, plural, one {in das Fach passt eine solche Batterie} other {in das Fach passen # solche Batterien}}',
    'payload' => '{left} bleiben für Batterien und Module',
    'money' => '{money} für Batterien und Module',
];
