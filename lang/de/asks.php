<?php

declare(strict_types=1);

// Wonach ein Lieferant gefragt wird, und Wörter, die dafür stehen können.
return [
    'letter' => [
        'subject' => 'Daten zu {model}',
        'greeting' => 'Guten Tag,',
        'intro' => 'wir bauen {count} × {model} in ein Fahrzeug ein. Das Datenblatt lässt offen, womit wir rechnen:',
        'words' => 'kann heißen: {words}',
        'closing' => 'Eine Zeile zu jeder Frage genügt, ein Datenblatt oder eine Anleitung ebenso. Bis wir hören, nehmen wir den vorsichtigen Wert.',
        'thanks' => 'Mit Dank',
    ],
    'lines' => [
        'absorption_v' => [
            'question' => 'Die Ladespannung (Absorption) bei 25 °C',
            'words' => 'Absorptionsspannung, Ladeschlussspannung, Boost, zyklischer Betrieb',
        ],
        'absorption_h' => [
            'question' => 'Wie lange sie gehalten wird und was sie beendet',
            'words' => 'Absorptionszeit, Konstantspannungszeit',
        ],
        'float_v' => [
            'question' => 'Die Erhaltungsspannung, oder ob sie aus sein soll',
            'words' => 'Erhaltung, Standby-Betrieb, Float',
        ],
        'max_charge_v' => [
            'question' => 'Die höchste Spannung, die sie verträgt',
            'words' => 'maximale Ladespannung, Überspannungsschutz',
        ],
        'tail_a' => [
            'question' => 'Der Strom, bei dem sie als voll gilt',
            'words' => 'Endstrom, Strom der Abschaltung, Ladeschlussstrom',
        ],
        'recommended_charge_a' => [
            'question' => 'Der empfohlene Ladestrom',
            'words' => 'empfohlener Ladestrom, 0,2 C',
        ],
        'charge_limit_a' => [
            'question' => 'Der größte Ladestrom',
            'words' => 'maximaler Dauerladestrom',
        ],
        'discharge_limit_a' => [
            'question' => 'Der größte dauernde Entladestrom',
            'words' => 'maximaler Dauerentladestrom, BMS-Strom',
        ],
        'discharge_30s_a' => [
            'question' => 'Der Entladestrom, den sie 30 Sekunden lang gibt',
            'words' => 'Spitzenstrom, Anlaufstrom 30 s',
        ],
        'cutoff_v' => [
            'question' => 'Die Spannung, bei der das BMS leer öffnet',
            'words' => 'Tiefentladeschutz, Unterspannungsabschaltung',
        ],
        'charge_min_c' => [
            'question' => 'Die tiefste Temperatur zum Laden',
            'words' => 'Ladetemperaturbereich',
        ],
        'low_temp_cutoff' => [
            'question' => 'Ob das BMS selbst das Laden bei Kälte sperrt',
            'words' => 'Ladeschutz bei tiefer Temperatur',
        ],
        'discharge_min_c' => [
            'question' => 'Die tiefste Temperatur zum Entladen',
            'words' => 'Entladetemperaturbereich',
        ],
        'internal_mohm' => [
            'question' => 'Der Innenwiderstand einer neuen',
            'words' => 'Innenwiderstand, Impedanz',
        ],
        'max_series' => [
            'question' => 'Wie viele in Reihe stehen dürfen',
            'words' => 'Reihenschaltung, max. in Reihe',
        ],
        'max_parallel' => [
            'question' => 'Wie viele parallel stehen dürfen',
            'words' => 'Parallelschaltung, max. parallel',
        ],
        'wakes_by' => [
            'question' => 'Was das BMS weckt, wenn es geöffnet hat: von selbst, ein Ladegerät, ein Knopf',
            'words' => 'Wiedereinschalten, Aufwecken, Rücksetzen',
        ],
        'rested_full_v' => [
            'question' => 'Ihre Ruhespannung, wenn sie voll ist',
            'words' => 'Leerlaufspannung, Ruhespannung bei 100 %',
        ],
        'rate_h' => [
            'question' => 'Die Stunden, über die die Kapazität gemessen ist',
            'words' => 'K20, K10, Nennentladezeit',
        ],
        'voc_v' => [
            'question' => 'Die Leerlaufspannung',
            'words' => 'Voc, Leerlaufspannung',
        ],
        'vmp_v' => [
            'question' => 'Die Spannung bei voller Leistung',
            'words' => 'Vmp, Vmpp',
        ],
        'isc_a' => [
            'question' => 'Der Kurzschlussstrom',
            'words' => 'Isc, Kurzschlussstrom',
        ],
        'voc_tempco_pct_per_c' => [
            'question' => 'Der Temperaturkoeffizient der Leerlaufspannung',
            'words' => 'Temperaturkoeffizient Voc, %/°C',
        ],
        'vmp_tempco_pct_per_c' => [
            'question' => 'Der Temperaturkoeffizient der Leistung',
            'words' => 'Temperaturkoeffizient Pmax, %/°C',
        ],
        'max_pv_v' => [
            'question' => 'Die höchste Spannung des Solarfelds',
            'words' => 'maximale PV-Eingangsspannung',
        ],
        'max_pv_isc_a' => [
            'question' => 'Der größte Kurzschlussstrom des Solarfelds',
            'words' => 'max. PV-Kurzschlussstrom',
        ],
        'lithium' => [
            'question' => 'Ob es ein Lithiumprofil hat oder Spannungen, die man setzt',
            'words' => 'Lithium-Einstellung, eigene Ladekurve',
        ],
        'absorption_min_v' => [
            'question' => 'Die tiefste einstellbare Absorptionsspannung',
            'words' => 'Bereich der Ladespannung',
        ],
        'absorption_max_v' => [
            'question' => 'Die höchste einstellbare Absorptionsspannung, oder die hinter dem Schalter',
            'words' => 'Bereich der Ladespannung, Spannung der Voreinstellung',
        ],
        'equalise_can_disable' => [
            'question' => 'Ob sich der Ausgleich abschalten lässt',
            'words' => 'Ausgleichsladung aus',
        ],
        'cold_cutoff' => [
            'question' => 'Ob es mit eigenem Fühler bei Kälte nicht lädt',
            'words' => 'Kälteabschaltung, Batterietemperaturfühler',
        ],
        'gives_dead_volts' => [
            'question' => 'Ob es Spannung an eine Batterie gibt, deren BMS geöffnet hat',
            'words' => 'Weckfunktion, lädt ab 0 V',
        ],
        'input_min_v' => [
            'question' => 'Die tiefste Eingangsspannung',
            'words' => 'Eingangsspannungsbereich, Abschaltspannung',
        ],
        'input_max_v' => [
            'question' => 'Die höchste Eingangsspannung',
            'words' => 'Eingangsspannungsbereich',
        ],
        'engine_signal' => [
            'question' => 'Ob es ein Motorsignal braucht, und welches',
            'words' => 'D+, Zündung, Motorerkennung',
        ],
        'output_v' => [
            'question' => 'Die Ausgangsspannung, für die es gebaut ist',
            'words' => 'Nennausgangsspannung',
        ],
        'hidden_switch' => [
            'question' => 'Ob innen ein Schalter Blei/Lithium sitzt',
            'words' => 'Batterietyp-Schalter, Brücke',
        ],
        'surge_w' => [
            'question' => 'Die Leistung, die er für einen Anlauf gibt, und wie lange',
            'words' => 'Spitzenleistung, Anlaufleistung',
        ],
        'idle_w' => [
            'question' => 'Was er ohne Last verbraucht',
            'words' => 'Leerlaufverbrauch, Eigenverbrauch',
        ],
        'low_cutoff_v' => [
            'question' => 'Die Gleichspannung, bei der er abschaltet',
            'words' => 'Unterspannungsabschaltung',
        ],
        'neutral_bond' => [
            'question' => 'Ob sein Neutralleiter mit Erde verbunden ist, immer oder nur im Inselbetrieb',
            'words' => 'N-PE-Brücke, Erdungsrelais',
        ],
        'earth_leakage_ma' => [
            'question' => 'Ob ein Fehlerstromschutz eingebaut ist, und für wie viel',
            'words' => 'eingebauter FI, RCD',
        ],
        'derate_from_c' => [
            'question' => 'Die Temperatur, ab der er weniger gibt',
            'words' => 'Leistungsminderung, Derating',
        ],
        'transfer_a' => [
            'question' => 'Der Strom, den sein Umschalter trägt',
            'words' => 'Umschaltstrom, Transferstrom',
        ],
        'regulated_v' => [
            'question' => 'Die Spannung, die ihr Regler hält',
            'words' => 'Spannung des Reglers',
        ],
        'variable_volts' => [
            'question' => 'Ob das Motorsteuergerät ihre Spannung verstellt',
            'words' => 'intelligente Lichtmaschine, variable Spannung',
        ],
        'disconnect_v' => [
            'question' => 'Die Spannung, bei der er öffnet',
            'words' => 'Abschaltspannung',
        ],
        'reconnect_v' => [
            'question' => 'Die Spannung, bei der er wieder schließt',
            'words' => 'Wiedereinschaltspannung',
        ],
        'carries_both_ways' => [
            'question' => 'Ob er Ladestrom trägt, und die Kondensatoren eines Wechselrichters',
            'words' => 'bidirektional, Laden hindurch',
        ],
        'interrupt_a' => [
            'question' => 'Der Kurzschlussstrom, den sie abschaltet',
            'words' => 'Ausschaltvermögen, AIC',
        ],
        'max_v' => [
            'question' => 'Die höchste Gleichspannung, die sie abschaltet',
            'words' => 'Nennspannung DC',
        ],
    ],
];
