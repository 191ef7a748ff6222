<?php

declare(strict_types=1);

// Was für Himmel und Nächte steht, die nicht bekannt sind.
return [
    'wet_coast' => 'nasse Küste, kühle Sommer',
    'subarctic_coast' => 'Küste im hohen Norden oder Süden',
    'plain' => 'gemäßigtes Flachland',
    'cold_inland' => 'kaltes Binnenland',
    'high_mountain' => 'Hochgebirge',
    'mediterranean' => 'trockener Sommer, milder Winter',
    'steppe' => 'Steppe',
    'desert' => 'Wüste',
    'subtropical' => 'subtropisch, feucht',
    'monsoon' => 'Monsun',
    'savanna' => 'Savanne',
    'equatorial' => 'am Äquator',
];
