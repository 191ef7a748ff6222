<?php

declare(strict_types=1);

// Was für die neuen Leitungen gekauft oder gepackt wird.
return [
    'sides' => ['plus' => 'Plus', 'minus' => 'Minus', 'array' => 'Modulfeld', 'mains' => 'Netz'],
    'cable' => 'Leitung, :side',
    'lug' => 'Ringkabelschuh',
    'ferrule' => 'Aderendhülse',
    'shrink' => 'Schrumpfschlauch, zweilagig, für einen Kabelschuh von',
    'spare' => 'Ersatz',
    'covers' => 'Abdeckung für eine Schiene',
    'labels' => 'Schilder, an beiden Enden jeder Leitung und an jedem Teil, das öffnet',
    'stud-open' => 'Bolzen nicht notiert',
    'size-open' => 'Querschnitt offen',
    'length-open' => 'nicht gemessene Leitungen: :count',
    'stud' => 'Bolzen M:size',
];
