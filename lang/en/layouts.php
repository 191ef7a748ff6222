<?php

declare(strict_types=1);

// Ways of joining a bank.
return [
    'names' => [
        'same_end' => 'same end',
        'middle' => 'middle',
        'across' => 'across',
        'posts' => 'posts',
    ],
    'words' => [
        'same_end' => 'both leads on the first: it works hardest',
        'middle' => 'both leads on the middle one: it works hardest, and charge spreads outward',
        'across' => 'positive on the first, negative on the last: the usual cure',
        'posts' => 'each on its own equal pair of leads to bars: the best',
    ],
];
