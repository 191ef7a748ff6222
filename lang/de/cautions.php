<?php

declare(strict_types=1);

// Gesagt, wo es gefährlich wird.
return [
    'mains' => 'Steckdosen am Wechselrichter und Landstrom führen {volts}. Freischalten, Spannungsfreiheit feststellen; diese Arbeit macht eine Elektrofachkraft nach {rule}.',
    'bank' => 'Ein Kurzschluss an der Bank verschweißt Schlüssel und macht Feuer. Ringe und Uhren ab, isoliertes Werkzeug, ein Pol nach dem andern, Hauptsicherung zuerst heraus. {Local}',
    'local' => 'Die örtlichen Regeln ({rule}) haben das letzte Wort.',
    'local-outside' => '{rule} kann Lithiumbatterien außerhalb des Wohnraums verlangen: vor dem Einbau die gültige Ausgabe prüfen.',
    'solar' => 'Module stehen unter Spannung, sobald es hell ist: erst abdecken oder freischalten, und nie einen Gleichstromkreis unter Last an der Steckverbindung trennen. Auf dem Dach gegen Absturz sichern.',
];
