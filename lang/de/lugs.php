<?php

declare(strict_types=1);

// Was für die neuen Leitungen gekauft oder gepackt wird.
return [
    'sides' => ['plus' => 'Plus', 'minus' => 'Minus', 'array' => 'Modulfeld', 'mains' => 'Netz'],
    'cable' => 'Kabel, {side}, {colour}',
    'colours' => ['plus' => 'rot', 'minus' => 'schwarz', 'array' => 'schwarz, sonnenfest', 'mains' => 'dreiadrig'],
    'from-stock' => 'aus dem Lager',
    'to-order' => '{count} bestellen',
    'lug' => 'Ringkabelschuh',
    'ferrule' => 'Aderendhülse',
    'shrink' => 'Schrumpfschlauch, zweilagig, für einen Kabelschuh von',
    'spare' => 'Ersatz',
    'covers' => 'Abdeckung für eine Schiene',
    'labels' => 'Schilder, an beiden Enden jeder Leitung und an jedem Teil, das öffnet',
    'stud-open' => 'Bolzen nicht notiert',
    'size-open' => 'Querschnitt offen',
    'length-open' => 'nicht gemessene Leitungen: {count}',
    'stud' => 'Bolzen {size}',
];
