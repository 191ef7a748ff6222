<?php

declare(strict_types=1);

// Was üblicherweise an Bord ist, und an welchen Wörtern man erkennt, dass etwas heizt, kühlt oder kalt hält.
return [
    'names' => [
        'fridge-small' => 'Kompressorkühlschrank, klein',
        'fridge-large' => 'Kompressorkühlschrank, groß',
        'fridge-household' => 'Haushaltskühlschrank',
        'led-lights' => 'LED-Licht',
        'water-pump' => 'Wasserpumpe',
        'diesel-heater' => 'Dieselheizung, Betrieb',
        'gas-heater-fan' => 'Gebläse der Gasheizung',
        'roof-fan' => 'Dachlüfter',
        'phone' => 'Telefon laden',
        'laptop' => 'Laptop',
        'router' => 'Router',
        'television' => 'Fernseher',
        'satellite' => 'Satellitenempfänger',
        'kettle' => 'Wasserkocher',
        'coffee' => 'Kaffeemaschine',
        'induction' => 'Induktionsplatte',
        'microwave' => 'Mikrowelle',
        'hair-dryer' => 'Haartrockner',
        'water-heater' => 'Elektroboiler',
        'air-conditioner-small' => 'Klimagerät, klein',
        'air-conditioner-roof' => 'Dachklimaanlage',
        'blanket' => 'Heizdecke',
        'vacuum' => 'Staubsauger',
        'breathing' => 'Beatmungsgerät',
    ],
    'does' => [
        'heats' => 'heizt',
        'cools' => 'kühlt',
        'keeps_cold' => 'hält kalt',
        'other' => 'nichts davon',
    ],
    'tells' => [
        'cool' => 'klima|kühlung',
        'fridge' => 'kühlschrank|kühlbox|gefrier',
        'heat' => 'heiz(?!.*gebläse)|wasserkocher|kaffee|boiler|ofen|bügel|steril|toast|induktion|kochplatte|mikrowelle|trockner|föhn|popcorn',
    ],
];
