<?php

declare(strict_types=1);

// Was, wenn es öffnet?
return [
    'regulator-loses-battery' => 'Seine Module speisen ihn weiter, und keine Batterie hält ihn: seine Spannung kann davonlaufen. Zuerst das Modulfeld öffnen.',
    'alternator-loses-load' => 'Sie läuft, und keine Batterie hält sie: ihre Spannung läuft davon und zerstört, was daran hängt. Zuerst den Motor abstellen.',
    'undrawn' => 'was es lädt, ist noch nicht gezeichnet: seine Leitung in der Aufnahme notieren und noch einmal fragen.',
    'none' => 'nichts ist in Gefahr',
];
