<?php

declare(strict_types=1);

// What is bought or picked for the new runs.
return [
    'sides' => ['plus' => 'positive', 'minus' => 'negative', 'array' => 'array', 'mains' => 'mains'],
    'cable' => 'Cable, :side',
    'lug' => 'Ring lug',
    'ferrule' => 'Ferrule',
    'shrink' => 'Heat shrink, two layers, for a lug of',
    'spare' => 'spare',
    'covers' => 'Cover for a bar',
    'labels' => 'Labels, both ends of each run and each part that opens',
    'stud-open' => 'stud size not noted',
    'size-open' => 'size open',
    'length-open' => 'runs not measured: :count',
    'stud' => 'stud M:size',
];
