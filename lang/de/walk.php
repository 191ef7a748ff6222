<?php

declare(strict_types=1);

// Der Rundgang bei der Übergabe: was gezeigt und dabei gesagt wird.
return [
    'inlet' => ['show' => 'Die Leitung gemeinsam anschließen und wieder lösen.', 'say' => 'Die Leitung kommt zuerst ins Fahrzeug, dann an die Säule. An jedem Platz die Eingangsgrenze auf das stellen, was die Säule gibt; {amps} geht überall. Sie muss nicht eingesteckt bleiben.'],
    'switch' => ['show' => 'Ausschalten, sehen, was dunkel wird, wieder ein.', 'say' => 'Aus bei Arbeiten und zum Einlagern. Nie, während der Motor läuft oder ein Ladegerät arbeitet.'],
    'fuse' => ['show' => 'Wo sie sitzt, und wo der Ersatz liegt.', 'say' => 'Hat sie ausgelöst, gab es einen Grund: zuerst den suchen. Eine Sicherung wird durch eine gleiche ersetzt und nie überbrückt; ein Automat wird einmal zurückgestellt.'],
    'earth-leakage' => ['show' => 'Prüftaste drücken; er muss auslösen. Wieder einschalten.', 'say' => 'Einmal im Monat. Löst er von selbst aus, alles von den Steckdosen nehmen und eins nach dem anderen wieder einstecken; was ihn auslöst, bleibt draußen.'],
    'display' => ['show' => 'Ablesen mit einem Verbraucher, dann mit einem Ladegerät.', 'say' => 'Das Vorzeichen sagt, ob Strom hinein- oder herausfließt. Die Restzeit ist beim Laden ohne Ende. Es zählt die Prozentzahl, nicht die Spannung.'],
    'mains-charger' => ['show' => 'Es arbeitet, solange die Säule Strom gibt.', 'say' => 'Es arbeitet nur am Landstrom. Es muss nicht monatelang an sein.'],
    'engine-charger' => ['show' => 'Motor starten und den Strom ablesen.', 'say' => 'Es lädt während der Fahrt; im Leerlauf nur, soweit die Lichtmaschine es trägt.'],
    'panels' => ['show' => 'Den Strom ablesen, dann eine Hand Schatten auf ein Modul.', 'say' => 'Wenig Schatten kostet viel. Bei Licht stehen sie unter Spannung: am Tag wird keine Leitung getrennt. Eine Plane beim Einlagern lässt etwas Licht durch.'],
    'lithium' => ['show' => 'Wo sie sitzen, wie sie gehalten sind, wie man herankommt.', 'say' => 'Unter {celsius} werden sie nicht geladen; sie beenden es selbst. Nicht monatelang voll halten. Gebläht, heiß oder zischend: Abstand halten und anrufen.'],
    'lead' => ['show' => 'Wo sie sitzen, wie sie gehalten und belüftet sind.', 'say' => 'Sie werden voll gehalten: nach jeder Reise laden, eingelagert jeden Monat. Beim Laden entsteht Wasserstoff: lüften, keine Funken.'],
    'heater' => ['show' => 'Fühlen, dass sie wärmt, wenn sie soll.', 'say' => 'Sie wärmt die Batterien bei Frost, damit sie geladen werden können; kommt sonst nichts, zehrt sie von der Bank.'],
    'generator' => ['show' => 'Draußen starten, Leitung anschließen.', 'say' => 'Nur im Freien, fern von Fenstern: sein Abgas tötet. Die Eingangsgrenze auf das stellen, was er gibt.'],
    'inverter' => ['show' => 'Einschalten, belasten, ausschalten.', 'say' => 'Er gibt {watts} und nimmt {idle}, nur um an zu sein: aus, wenn ihn niemand braucht. Überlast: Verbraucher weg, aus und wieder ein. An seinen Steckdosen ist Netzspannung, woher sie auch kommt.'],
    'left-in' => ['show' => 'Seine Beschriftung.', 'say' => 'Was es anzeigt oder zu tun scheint, gilt nicht mehr.'],
    'together' => ['title' => 'Was zusammen läuft', 'show' => 'Zwei große Verbraucher zugleich, mit Blick auf die Anzeige.', 'say' => 'Alle Steckdosen zusammen tragen {watts}. In den Papieren steht, was zusammen geht.'],
    'emergency' => ['title' => 'Starten im Notfall', 'show' => 'Wie der Motor startet, wenn seine Batterie leer ist.', 'say' => 'Starter- und Bordbatterie nie mit einer eigenen Leitung verbinden.'],
    'storage' => ['title' => 'Winter und Einlagern', 'show' => 'Was für den Winter ausgeschaltet wird.', 'say' => 'Womit sie eingelagert wird und wann man nachsieht, steht in den Papieren.'],
    'later' => ['title' => 'Was dazukommen kann', 'show' => 'Wo noch etwas hinkäme.', 'say' => 'Was dazukommen kann und bis wann, steht in den Papieren. Fragen, bevor etwas an die Bank kommt.'],
    'papers' => ['title' => 'Mappe, Aufkleber, Nachtseite', 'show' => 'Mappe, Aufkleber mit Code, Seite für die Nacht. Die Seite einmal auf ihrem Telefon öffnen.', 'say' => 'Einmal geöffnet, ist sie ohne Netz da. Mit der Mappe kann jeder Elektriker arbeiten.'],
];
