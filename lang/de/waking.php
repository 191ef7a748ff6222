<?php

declare(strict_types=1);

// Wacht sie wieder auf?
return [
    'ways' => [
        'cold' => 'Zu kalt: das BMS öffnet unter seiner Grenze und kommt zurück, wenn es wärmer ist',
        'empty' => 'Leer: das BMS öffnet an seiner Abschaltung',
        'overload' => 'Überlast: das BMS öffnet; zuerst die Last wegnehmen',
        'fault' => 'Fehler des BMS: zuerst die Ursache finden',
        'disconnect' => 'Der Unterspannungsschutz öffnet: {parts}',
        'breaker' => 'An Hauptsicherung oder Automat geöffnet: {parts}. Eine Hand schließt wieder',
    ],
    'how' => [
        'itself' => 'von selbst',
        'wakes' => 'weckt sie',
        'button' => 'braucht den Knopf',
        'cannot' => 'kann es nicht',
        'goes-on' => 'lädt weiter',
        'unknown' => 'nicht notiert',
    ],
    'nothing-dark' => 'nichts Gezeichnetes wird tot',
    'sum' => [
        'itself' => 'ihr BMS kommt von selbst zurück',
        'button' => 'ein Knopf bringt sie zurück',
        'wakes' => 'geweckt durch {parts}',
        'stuck' => 'hat ihr BMS geöffnet, weckt sie nichts',
        'unknown' => 'nicht notiert: was die Batterie weckt und welches Ladegerät Spannung an eine tote Bank gibt',
        'lead' => 'Blei hat kein BMS, das öffnet',
    ],
];
