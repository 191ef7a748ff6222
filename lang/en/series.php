<?php

declare(strict_types=1);

// A bank in series: block by block.
return [
    'verdicts' => [
        'even' => 'They read alike: {volts} in all, none more than {limit} from the mean.',
        'rest-low' => 'Block {block} holds less than the others ({apart} at rest). Charge it alone, or part the string and level all blocks in parallel.',
        'rest-high' => 'Block {block} holds more than the others ({apart} at rest). Part the string and level all blocks in parallel.',
        'charge-high' => 'Block {block} reaches the top first ({apart} under charge): it is fuller, or weaker, than the others, and its BMS will open the string.',
        'charge-low' => 'Block {block} lags under charge ({apart}): it is emptier than the others, or its neighbours are weaker.',
        'load-low' => 'Block {block} drops most under load ({apart}): it is emptier or worn, or its joint is bad. Undo, clean and retighten it first.',
        'load-high' => 'Block {block} holds up best under load ({apart}): its neighbours are emptier or worn.',
    ],
    'missing' => 'Type the other blocks too: {blocks}. A string is read whole.',
    'steps' => [
        'parallel' => 'Join all {count} blocks in parallel, plus to plus and minus to minus, by the gate above; wait until it says they read alike. Blocks that go into series unequal stay unequal for ever.',
        'part' => 'Part them again and note each block’s rested volts.',
        'string' => 'Put each string together: {strings}.',
        'measure' => 'Measure each string before it is closed onto the bar: about {volts} when full and rested; strings within {apart} of one another.',
        'watch' => 'Watch the first full charge block by block: type the volts below.',
    ],
];
