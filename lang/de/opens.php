<?php

declare(strict_types=1);

// Was, wenn es öffnet?
return [
    'regulator-loses-battery' => 'Seine Module speisen ihn weiter, und keine Batterie hält ihn: seine Spannung kann davonlaufen. Zuerst das Modulfeld öffnen.',
    'alternator-loses-load' => 'Sie läuft, und keine Batterie hält sie: ihre Spannung läuft davon und zerstört, was daran hängt. Zuerst den Motor abstellen.',
    'undrawn' => 'was es lädt, ist noch nicht gezeichnet: seine Leitung in der Aufnahme notieren und noch einmal fragen.',
    'while' => ['sun' => 'die Sonne scheint', 'engine' => 'der Motor läuft', 'shore' => 'es am Landstrom hängt', 'generator' => 'ein Generator läuft'],
    'states' => ['open' => 'offen', 'dark' => 'dunkel', 'danger' => 'in Gefahr', 'live' => 'unter Spannung'],
    'none' => 'nichts ist in Gefahr',
];
