<?php

declare(strict_types=1);

// What stands in for a sky and nights that are not known.
return [
    'wet_coast' => 'wet coast, cool summers',
    'subarctic_coast' => 'far northern or southern coast',
    'plain' => 'temperate plain',
    'cold_inland' => 'cold inland',
    'high_mountain' => 'high mountains',
    'mediterranean' => 'dry summer, mild winter',
    'steppe' => 'steppe',
    'desert' => 'desert',
    'subtropical' => 'subtropical, humid',
    'monsoon' => 'monsoon',
    'savanna' => 'savanna',
    'equatorial' => 'equatorial',
];
