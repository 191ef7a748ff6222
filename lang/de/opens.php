<?php

declare(strict_types=1);

// Was, wenn es öffnet?
return [
    'regulator-loses-battery' => 'Seine Module speisen ihn weiter, und keine Batterie hält ihn: seine Spannung kann davonlaufen. Zuerst das Modulfeld öffnen.',
    'alternator-loses-load' => 'Sie läuft, und keine Batterie hält sie: ihre Spannung läuft davon und zerstört, was daran hängt. Zuerst den Motor abstellen.',
    'undrawn' => 'was es lädt, ist noch nicht gezeichnet: seine Leitung in der Aufnahme notieren und noch einmal fragen.',
    'states' => ['open' => 'offen', 'dark' => 'dunkel', 'danger' => 'in Gefahr', 'live' => 'unter Spannung'],
    'none' => 'nichts ist in Gefahr',
    'show' => 'Zeige',
    'state' => 'Zustand',
    'tap' => 'Antippen',
    'shows' => ['planned' => 'wie geplant', 'found' => 'wie vorgefunden', 'both' => 'was sich ändert'],
    'taps' => ['open' => 'öffnet es', 'safe' => 'fragt, wo es sicher ist', 'join' => 'verbindet zwei'],
    'while' => ['rest' => 'in Ruhe', 'sun' => 'Sonne', 'driving' => 'Fahrt', 'shore' => 'Landstrom', 'generator' => 'Generator'],
    'lanes' => ['sun' => 'Sonne', 'engine' => 'Motor', 'house' => 'Aufbau', 'mains' => 'Netz'],
    'states-of' => ['rest' => 'In Ruhe', 'sun' => 'In der Sonne', 'engine' => 'Fahrt bei Sonne', 'shore' => 'Am Landstrom', 'generator' => 'Am Generator'],
    'whole-bank' => 'Die ganze Bank: alle BMS zugleich, oder ihre Pole abgeklemmt',
    'dark' => ':count dunkel',
    'dangers' => '{1} ein Fall, in dem etwas in Gefahr ist|[2,*] :count Fälle, in denen etwas in Gefahr ist',
    'matrix-answer' => 'was dunkel wird, was in Gefahr ist',
    'held' => ['sun' => 'die Sonne', 'engine' => 'den laufenden Motor', 'shore' => 'den Landstrom', 'generator' => 'den Generator', 'nothing' => 'nichts, was gezeichnet ist'],
    'stops' => ['engine' => 'Motor aus, Schlüssel abgezogen, und so gelassen.', 'shore' => 'Landstrom ausstecken, die Steckverbindung im Blick behalten.', 'generator' => 'Generator abstellen.'],
    'do' => [
        'open' => ':parts öffnen und sichern.',
        'pull' => ':parts ziehen, wenn nichts hindurchfließt.',
        'cover' => 'Module abdecken oder die Dunkelheit abwarten: :parts.',
        'lift' => 'Leitungen von :parts abklemmen, Minus zuerst, und die Kabelschuhe isolieren.',
    ],
    'leaves' => 'lässt :parts ohne Batterie.',
    'prove' => 'Spannungsfreiheit feststellen: an den Anschlüssen von :part gegen Minus messen, das Messgerät davor und danach an einer Spannung geprüft.',
    'prove-inverter' => 'Fünf Minuten auf die Kondensatoren des Wechselrichters warten, dann Spannungsfreiheit feststellen: an den Anschlüssen von :part, Gleich- und Wechselspannung, das Messgerät davor und danach an einer Spannung geprüft.',
    'never-dead' => 'Eine Batterie ist nie spannungsfrei: ihre Pole bleiben unter Spannung, was man auch öffnet. Abdecken, isoliertes Werkzeug, Ringe und Uhren ab.',
    'safe-caution' => 'Was ein beschienener Regler oder ein laufendes Ladegerät erreicht, gilt als unter Spannung, bis es gemessen ist. Netz gehört in die Hände von Fachleuten. Gestapelte Kabelschuhe bleiben gemeinsam unter Spannung.',
    'shorten' => 'oder auf :length kürzen',
    'pieces' => ['trunk' => 'Hauptsicherung, Trennschalter und Schiene', 'return' => 'Minusschiene und Shunt'],
    'typed' => [
        'help' => 'Eine neue Leitung, mit einer Sicherung darin: p3.plus -> fuse 60A -> p9.in 16mm2 0.6m. Eine vorhandene: c5 16mm2 1.2m 90C, c5 at 60C bundle 4, c5 fuse 60A, c5 out.',
        'leads-in' => '{1} eine Leitung kommt hinzu|[2,*] :count Leitungen kommen hinzu',
        'parts-in' => '{1} ein Teil kommt hinzu|[2,*] :count Teile kommen hinzu',
        'leads-out' => '{1} eine Leitung entfällt|[2,*] :count Leitungen entfallen',
        'lines-set' => '{1} ein Wert einer Leitung wird gesetzt|[2,*] :count Werte einer Leitung werden gesetzt',
    ],
];
