<?php

declare(strict_types=1);

// Was auf Geräten und in ihren Apps steht: nach dem, was im Handwerk damit gemeint ist. Gängige Praxis.
return [
    'words' => [
        'absorption_v' => ['Absorption', 'Boost', 'Verbesserte Ladung', 'Zyklenbetrieb', 'zyklisch', 'Ladespannung', 'Hauptladung', 'Nachladung', 'Konstantspannung', 'CV', 'U1', 'Ausgleichsladung'],
        'absorption_limit_h' => ['Absorptionszeit', 'Boost-Dauer', 'Boost-Zeit', 'CV-Zeit', 'längste Absorption'],
        'float_v' => ['Erhaltung', 'Bereitschaftsbetrieb', 'Erhaltungsladung', 'Schwebeladung', 'Ladehaltespannung', 'U2'],
        'equalise_v' => ['Ausgleich', 'Ausgleichen', 'Ausgleichsladung', 'Entsulfatierung', 'Konditionierung', 'Auffrischung'],
        'rebulk_v' => ['Re-Bulk', 'Boost-Wiedereinsatz', 'Nachladespannung', 'Ladung neu beginnen', 'Rückkehr zu Bulk'],
        'low_temperature_cutoff_c' => ['Ladeabschaltung bei Kälte', 'tiefste Ladetemperatur', 'Untertemperatur beim Laden', 'Frostschutz', 'UTC'],
        'tail_current_a' => ['Endstrom', 'Schweifstrom', 'Rückkehrstrom', 'Strom zur Abschaltung', 'Schlussstrom'],
        'compensation_mv_per_c' => ['Temperaturkompensation', 'Temperaturbeiwert', 'Kompensationsfaktor'],
        'charge_current_a' => ['Ladestrom', 'Strombegrenzung', 'höchster Ausgang', 'Ladegerätgröße', 'Leistungsgrenze'],
        'engine_off_v' => ['Motor-aus-Erkennung', 'Eingangsabschaltung', 'Fahrzeugerkennung', 'Zündschwelle', 'Startspannung'],
        'warning_v' => ['Batteriealarm', 'Unterspannungswarnung', 'Voralarm', 'Summer'],
        'cutoff_v' => ['Unterspannungsabschaltung', 'Abschaltung bei Unterspannung', 'Eingang zu niedrig', 'DC-Eingang niedrig', 'LVC'],
        'restart_v' => ['Batterie-Wiederanlauf', 'Einschaltschwelle', 'Erholung nach Unterspannung', 'Wiederanlaufschwelle'],
        'disconnect_v' => ['Lastabwurf', 'Last aus', 'LVD', 'Tiefentladeschutz', 'Abfallspannung'],
        'reconnect_v' => ['Lastzuschaltung', 'Last ein', 'LVR', 'Erholungsspannung', 'Anzugsspannung'],
        'capacity_ah' => ['Batteriekapazität', 'Bankgröße', 'Nenn-Ah'],
        'charged_v' => ['Volladespannung', 'Vollspannung', 'Abgleichspannung'],
        'charged_tail_pct' => ['Endstrom %', 'Vollstrom', 'Abgleichstrom'],
        'charged_min' => ['Erkennungszeit voll', 'Abgleichzeit', 'Verzögerung voll'],
        'charge_efficiency_pct' => ['Ladewirkungsgrad', 'CEF', 'Coulomb-Wirkungsgrad'],
        'peukert' => ['Peukert-Exponent', 'Peukert', 'Entladeexponent'],
        'low_alarm_pct' => ['Alarm niedriger Stand', 'Ladestandsalarm', 'Relais niedrig'],
        'floor_pct' => ['Entladegrenze', 'kleinster Ladestand', 'Grenze der Entladetiefe'],
        'heater_on_c' => ['Heizung ein', 'Heizbeginn'],
        'heater_off_c' => ['Heizung aus', 'Heizende'],
    ],
    'misleading' => ['Ausgleichsladung', 'Zyklenbetrieb', 'Boost', 'Ladespannung'],
    'screen' => 'Einstellungsseite, zurückgelesen',
    'means' => '„:word“ auf dem Gerät ist :parameter.',
    'misleads' => 'Das Wort führt in die Irre: auf manchem Gerät ist es etwas anderes. Die Volt daneben im Datenblatt entscheiden: um :absorption ist Absorption, über :high ist Ausgleichsladung.',
    'unknown' => 'Was „:word“ bedeutet, hat noch niemand notiert. Den Hersteller fragen und hier notieren.',
    'earlier' => 'Dasselbe Modell wurde zuletzt in „:job“ eingestellt. Dort steht es anders: :differs. Diese Bank und ihr Datenblatt verlangen, was hier geplant ist.',
    'earlier-same' => 'Dasselbe Modell wurde zuletzt in „:job“ eingestellt, wie es hier geplant ist.',
    'schools' => [
        'everyday' => 'Wie ihr Datenblatt es will: :wh nutzbar.',
        'full' => 'Länger oben, damit sich die Zellen ausgleichen: :wh nutzbar. Nicht für jeden Tag: eine Bank, die voll steht, altert.',
        'long_life' => 'Endet bei etwa :full: :wh nutzbar, und sie altert langsamer. Balancer arbeiten erst ab :volts je Zelle: einmal im Monat voll laden. Größe und Jahr rechnen weiter mit der ganzen Bank.',
        'storage' => 'Auf etwa :full gehalten, so hält sie am besten: :wh bleiben. Ladegeräte abschalten, wo es geht; unter :volts je Zelle kein Balancieren.',
    ],
];
