<?php

declare(strict_types=1);

// What is usually aboard, and by which words of a name one knows that it heats, cools or keeps cold.
return [
    'names' => [
        'fridge-small' => 'Compressor fridge, small',
        'fridge-large' => 'Compressor fridge, large',
        'fridge-household' => 'Household fridge',
        'led-lights' => 'LED lights',
        'water-pump' => 'Water pump',
        'diesel-heater' => 'Diesel heater, running',
        'gas-heater-fan' => 'Gas heater fan',
        'roof-fan' => 'Roof fan',
        'phone' => 'Phone charging',
        'laptop' => 'Laptop',
        'router' => 'Router',
        'television' => 'Television',
        'satellite' => 'Satellite receiver',
        'kettle' => 'Kettle',
        'coffee' => 'Coffee machine',
        'induction' => 'Induction plate',
        'microwave' => 'Microwave',
        'hair-dryer' => 'Hair dryer',
        'water-heater' => 'Electric water heater',
        'air-conditioner-small' => 'Air conditioner, small',
        'air-conditioner-roof' => 'Air conditioner, roof',
        'blanket' => 'Electric blanket',
        'vacuum' => 'Vacuum cleaner',
        'breathing' => 'Breathing machine',
    ],
    'does' => [
        'heats' => 'heats',
        'cools' => 'cools',
        'keeps_cold' => 'keeps things cold',
        'other' => 'neither',
    ],
    'tells' => [
        'cool' => 'air con|cooling',
        'fridge' => 'fridge|freezer',
        'heat' => 'heat(er|ing)?\\b(?!.*fan)|kettle|coffee|boiler|oven|iron\\b|steril|toast|blanket|induction|hob|microwave|dryer|popcorn',
    ],
];
