<?php

declare(strict_types=1);

// What is bought or picked for the new runs.
return [
    'sides' => ['plus' => 'positive', 'minus' => 'negative', 'array' => 'array', 'mains' => 'mains'],
    'cable' => 'Cable, {side}, {colour}',
    'colours' => ['plus' => 'red', 'minus' => 'black', 'array' => 'black, fit for sun', 'mains' => 'three cores'],
    'from-stock' => 'from stock',
    'to-order' => 'order {count}',
    'lug' => 'Ring lug',
    'ferrule' => 'Ferrule',
    'shrink' => 'Heat shrink, two layers, for a lug of',
    'spare' => 'spare',
    'covers' => 'Cover for a bar',
    'labels' => 'Labels, both ends of each run and each part that opens',
    'stud-open' => 'stud size not noted',
    'size-open' => 'size open',
    'length-open' => 'runs not measured: {count}',
    'stud' => 'stud {size}',
];
