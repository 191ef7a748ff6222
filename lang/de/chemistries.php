<?php

declare(strict_types=1);

// Chemie der Batterien.
return [
    'flooded' => 'Blei, nass',
    'agm' => 'AGM',
    'gel' => 'Gel',
    'lead_carbon' => 'Blei-Carbon',
    'lfp' => 'LFP (Lithium-Eisenphosphat)',
];
