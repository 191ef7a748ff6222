<?php

declare(strict_types=1);

// Die Seite für zwei Uhr nachts: halb im Schlaf gelesen, ohne Empfang.
return [
    'title' => 'Was ist los?',
    'works' => '{title} · geht ohne Empfang, wenn sie einmal offen war',
    'troubles' => [
        'outlets' => 'Die Steckdosen sind tot, Licht geht', 'charge' => 'Nichts lädt', 'dark' => 'Alles ist dunkel', 'hot' => 'Es riecht, zischt oder ist heiß',
    ],
    'where' => 'Wo: {at}.',
    'steps' => [
        'lever' => '{parts} ansehen. Ist der Hebel unten? Jede Steckverbindung lösen, Hebel hoch. Gleich wieder unten: unten lassen, etwas ist undicht; nichts anschließen.',
        'breaker' => '{parts} ansehen. Ist er aus? Ganz aus, dann ein.',
        'inverter' => '{parts}: Taste aus, bis zehn zählen, Taste ein. Über {watts} schaltet er ab: eines nach dem anderen.',
        'plugged' => 'Am Landstrom: sitzt die Steckverbindung am Fahrzeug ({parts}) und an der Säule, und ist deren Schutzschalter ein?',
        'one-by-one' => 'Geht es wieder? Eine Steckverbindung nach der anderen stecken. Das, bei dem es fällt, ist kaputt.',
        'full' => '{parts} lesen. Bei 100 % fließt nichts hinein: das ist richtig.',
        'cold' => 'Ist die Batterie unter {celsius}? Dann darf sie nicht geladen werden und weigert sich von selbst. Den Ort wärmen; sie beginnt von selbst.',
        'hook-up' => 'Am Landstrom: {parts} muss leuchten. Wenn nicht, kommt die Seite der Steckdosen zuerst.',
        'drive' => 'Den Motor zwei Minuten laufen lassen: {parts} muss leuchten oder summen.',
        'sun' => 'Am Tag: sind die Module frei von Schnee, und ist ein, was sie trennt? {parts}.',
        'save' => 'Bis dahin: Kühlschrank klein, Heizungslüfter klein, ein Licht. Die Bank reicht länger als die Nacht.',
        'main-switch' => 'Sind diese ein? {parts}. Jeden aus, dann ein.',
        'disconnect' => '{parts} trennt die Verbraucher, wenn die Bank leer wird: erst laden, mit Motor oder Landstrom.',
        'wake-wakes' => 'Die Batterie hat sich vielleicht abgeschaltet. Dies weckt sie: {parts}. Zehn Minuten warten.',
        'wake-button' => 'Die Batterie hat sich vielleicht abgeschaltet: ihre Taste ({parts}) drei Sekunden drücken.',
        'wake-itself' => 'Die Batterie hat sich vielleicht abgeschaltet. Alles ausschalten, zehn Minuten warten: sie kommt von selbst wieder.',
        'wake-call' => 'Die Batterie hat sich vielleicht abgeschaltet, und nichts an Bord weckt sie: anrufen.',
        'main-fuse' => '{parts} ansehen. Durchgebrannt: gegen genau die gleiche tauschen, einmal. Wieder durchgebrannt: lassen und anrufen. Nie überbrücken.',
        'light' => 'Immer noch dunkel: Taschenlampe, warme Kleidung und die Nummer unten. Der Motor startet ohne diese Batterie.',
        'out' => 'Alle hinaus, Türen auf, weg davon. Feuer: Feuerwehr rufen; „Lithiumbatterie“ sagen oder „Bleibatterie, Säure“.',
        'unplug' => 'Nur wenn es gefahrlos geht: Landstrom trennen ({parts}).',
        'off' => 'Nur wenn es gefahrlos geht: Hauptschalter aus ({parts}).',
        'leave' => 'Nicht öffnen, nicht mit den Händen kühlen, nicht wieder hinein. Draußen warten, bis jemand nachgesehen hat.',
    ],
    'call' => '{who} anrufen',
    'say' => 'Sagen: Pack {number} vom {date}.',
];
