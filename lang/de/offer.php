<?php

declare(strict_types=1);

// Was ein Kunde von einem Angebot liest.
return [
    'offer' => 'Angebot {number}',
    'valid' => 'Gültig bis {date}',
    'for' => 'für {customer}',
    'what' => 'Was', 'count' => 'Menge', 'each' => 'Einzeln', 'sum' => 'Betrag',
    'labour' => 'Arbeit: {what}',
    'sundries' => 'Leitungen, Kabelschuhe, Sicherungen und Kleinteile',
    'open-price' => 'Preis folgt',
    'net' => 'Netto', 'tax' => 'Steuer {percent}', 'gross' => 'Zu zahlen',
    'gives' => 'Was es bringt',
    'usable' => '{energy} nutzbar', 'days' => '{days} Tage ohne jede Ladung', 'sun' => '{power} Module',
    'choices' => 'Auswahl',
    'choose' => 'Ankreuzen, was dazukommen soll. Jeder Preis ist mit Steuer, gegenüber dem Angebot, wie es steht.',
    'one-of' => 'eines von: {group}',
    'some-open' => 'einige Preise folgen',
    'accept' => 'Annehmen',
    'your-name' => 'Ihr Name',
    'agree' => 'Ich nehme dieses Angebot an, mit dem, was oben angekreuzt ist.',
    'accepted' => 'Angenommen von {name} am {date}.',
    'seal' => 'Siegel: {hash}',
    'over' => 'Dieses Angebot gilt nicht mehr; bitte ein neues erfragen.',
    'thanks' => 'Danke. Die Werkstatt sieht es jetzt und fragt nach, wenn etwas unklar ist.',
    'name-missing' => 'Bitte den Namen eintragen.',
    'agree-missing' => 'Bitte ankreuzen, dass Sie annehmen.',
    'choice-gone' => 'Eines der Angebote zur Auswahl gilt nicht mehr.',
    'one-of-each' => 'Bitte aus jeder Gruppe nur eines ankreuzen.',
    'mains' => 'Arbeiten an Netz und Gas machen zugelassene Fachleute nach den örtlichen Vorschriften.',
    'later' => [
        'head' => 'Was später dazukommen kann',
        'battery' => 'Weitere Batterien desselben Modells: Platz für {left}.',
        'until' => 'Sie passen gut dazu bis etwa {month}.',
        'ways' => 'Stromkreise: {left} Abgänge sind frei.',
        'panel' => 'Module: diese Regler nehmen noch {left}.',
        'roof' => 'Dach: {left} sind frei.',
        'laid' => 'Module dieser Größe: das Dach fasst noch {left}.',
    ],
];
