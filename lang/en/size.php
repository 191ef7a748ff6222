<?php

declare(strict_types=1);

// What the endurance map says where its pin stands.
return [
    'better' => [
        'nothing' => 'With nothing coming in only the bank counts.',
        'battery' => '{by, select, money {Here money} other {Here weight}} goes further in battery: the sun that is there cannot all be stored, or there is too little of it.',
        'panel' => '{by, select, money {Here money} other {Here weight}} goes further in panel: the bank would hold more than the sun brings.',
        'either' => 'Battery and panel are worth the same here.',
        'lasts' => 'It lasts already: one more battery or panel makes no difference.',
        'charge' => 'One more battery or panel makes no difference here: driving, a hook-up or a generator has to charge.',
    ],
    'roof' => ['free' => 'Each panel finds its place.', 'placed' => 'The panels are kept where you put them.'],
];
