<?php

declare(strict_types=1);

// Arten, Batterien zu verbinden.
return [
    'names' => [
        'same_end' => 'am selben Ende',
        'middle' => 'in der Mitte',
        'across' => 'über Kreuz',
        'posts' => 'an Schienen',
    ],
    'words' => [
        'same_end' => 'beide Leitungen an der ersten: sie arbeitet am meisten',
        'middle' => 'beide Leitungen an der mittleren: sie arbeitet am meisten, die Ladung verteilt sich nach außen',
        'across' => 'Plus an der ersten, Minus an der letzten: die übliche Abhilfe',
        'posts' => 'jede mit eigenem, gleich langem Leitungspaar an Schienen: am besten',
    ],
];
