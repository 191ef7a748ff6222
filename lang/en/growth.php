<?php

declare(strict_types=1);

// Room to grow.
return [
    'battery' => [
        'name' => 'another battery',
        'unknown' => 'the bay is not measured',
        'some' => 'places of the same kind are left in the bay',
        'none' => 'the bay is full',
    ],
    'ways' => [
        'name' => 'spare fuse ways',
        'unknown' => 'no distribution box is planned',
        'some' => 'beside the circuits that are named in Loads',
        'none' => 'every way is taken',
    ],
    'panel' => [
        'name' => 'more panel on these regulators',
        'unknown' => 'no regulator is planned',
        'some' => 'before they clip',
        'none' => 'they clip already',
    ],
    'roof' => [
        'name' => 'free roof',
        'unknown' => 'the roof is not measured',
        'some' => 'of the {share} that panels can cover',
        'none' => 'of the {share} that panels can cover',
    ],
    'laid' => [
        'name' => 'more panels on the roof',
        'unknown' => 'the roof is not measured',
        'some' => 'of the last kind, laid out to scale',
        'none' => 'laid out to scale, none fits any more',
    ],
];
