<?php

declare(strict_types=1);

// Ein Teil, das später ersetzt wird: was daraus folgt.
return [
    'note' => 'Marke, Modell, Seriennummer und Ort des neuen notieren; die alte Seriennummer bleibt im Verlauf.',
    'firmware' => 'Zuerst die Firmware, bis keine neuere angeboten wird; dann die Felder; dann zurücklesen.',
    'like-with-like' => 'Gleiches Modell, gleiche Firmware, bei LFP innerhalb von etwa zwei Jahren; voll geladen, geruht und nach der Prüfung im Angleichen verbunden. Auch die anderen werden voll geladen.',
    'alone' => 'Sie wird einmal voll geladen und beobachtet.',
    'panel' => 'Gleiche Spannung und gleicher Strom wie sein Strang, oder ein eigener Regler. Beim Anschließen abdecken.',
    'why-it-opened' => 'Zuerst klären, warum die alte ausgelöst hat. Die neue hat gleichen Nennstrom, gleiche Bauart und Spannung.',
    'mains' => 'Netzspannung: freischalten, Spannungsfreiheit feststellen, Arbeit für Fachkräfte. Die Fehlerstromschutzschalter werden neu geprüft.',
    'print' => 'Eine neue Mappe ausgeben: Teile, Einstellungen und Messwerte sind nicht mehr die der alten. Der Link auf dem Aufkleber gilt für die alte Mappe, bis sie zurückgenommen wird.',
];
