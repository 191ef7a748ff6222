<?php

declare(strict_types=1);

// Wann die Arbeit eines Tages läuft: ihre Teile, durch wen, und was wartet.
return [
    'tasks' => [
        'before' => 'Schützen, Bilder', 'glue' => 'Module kleben', 'cure' => 'Kleber härtet', 'charge' => 'Batterien laden und ruhen', 'isolate' => 'Freischalten', 'strip' => 'Ausbauen',
        'fit' => 'Einbauen, verkabeln', 'roof' => 'Modulleitungen', 'balance' => 'Batterien zusammenführen', 'connect' => 'Bank anschließen', 'power' => 'Einschalten, einstellen', 'close' => 'Nachweisen, schließen',
    ],
    'lanes' => ['vehicle' => 'Fahrzeug', 'roof' => 'Dach', 'bench' => 'Werkbank'],
    'of' => '{done} von {all}',
    'waits' => '{wait} bis {until}; inzwischen: {beside}.',
    'waits-alone' => '{wait} bis {until}; sonst ist nichts zu tun.',
    'took' => '{count, plural, one {„{what}“ dauerte {minutes}, die Hälfte {low} bis {high} (# Auftrag).} other {„{what}“ dauerte {minutes}, die Hälfte {low} bis {high} (# Aufträge).}}',
    'better-bay' => '{place} ist die ganze Zeit frei.',
    'better-day' => '{place} ist frei ab {when}.',
    'better-people' => 'Genug sind es ab {when}.',
];
