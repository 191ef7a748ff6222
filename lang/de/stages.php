<?php

declare(strict_types=1);

// Die Schritte eines Auftrags: wie jeder heißt, welche Frage seine Seite beantwortet, und was dort als Nächstes zu tun ist.
return [
    'names' => ['survey' => 'Aufnahme', 'loads' => 'Verbraucher', 'size' => 'Größe', 'sources' => 'Quellen', 'bank' => 'Bank', 'wiring' => 'Verkabelung', 'day-plan' => 'Tagesplan', 'balance' => 'Angleich', 'settings' => 'Einstellungen', 'test' => 'Prüfung', 'handover' => 'Übergabe', 'aftercare' => 'Betreuung'],
    'questions' => [
        'survey' => 'Was ist da, und was wird daraus?',
        'loads' => 'Was wird gebraucht, und wann?',
        'size' => 'Wie lange reicht es?',
        'sources' => 'Was lädt sie, und genügt es?',
        'bank' => 'Trägt jede Batterie ihren Teil?',
        'wiring' => 'Welches Kabel, welche Sicherung, was, wenn es öffnet?',
        'day-plan' => 'In welcher Reihenfolge, und wann ist es fertig?',
        'balance' => 'Darf man sie schon verbinden?',
        'settings' => 'Was tippe ich in welches Feld?',
        'test' => 'Ist es wie versprochen?',
        'handover' => 'Was behält der Kunde?',
        'aftercare' => 'Ist es noch, wie wir es verließen?',
    ],
    'next' => [
        'survey' => 'Aufnehmen, was da ist und wohin gefahren wird',
        'loads' => 'Eintragen, was gebraucht wird, und wann',
        'size' => 'Die neue Bank wählen',
        'sources' => 'Festlegen, was sie lädt',
        'bank' => 'Die Verbinder der Bank zeichnen, mit Querschnitt',
        'wiring' => 'Zeichnen, was an der Bank hängt, mit Querschnitt und Länge',
        'day-plan' => 'Den Ablauf abarbeiten',
        'balance' => 'Die Batterien angleichen, bevor sie verbunden werden',
        'settings' => 'Ladegeräte einstellen und notieren, was eingestellt wurde',
        'test' => 'Zeile für Zeile nachweisen',
        'handover' => 'Die Übergabemappe ausgeben',
        'aftercare' => 'Besuchen: ein Jahr ist um',
    ],
    'handed_over' => 'Übergeben',
    'stops' => '{count, plural, one {# Halt} other {# Halte}}',
    'fixes' => '{count, plural, one {# Mangel} other {# Mängel}}',
];
