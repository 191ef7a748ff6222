<?php

declare(strict_types=1);

// Was die Karte der Ausdauer sagt, wo ihre Nadel steht.
return [
    'better' => [
        'nothing' => 'Kommt nichts herein, zählt allein die Bank.',
        'battery' => '{by, select, money {Geld bringt hier} other {Gewicht bringt hier}} mehr in einer Batterie: die Sonne, die da ist, lässt sich nicht ganz speichern, oder es ist zu wenig.',
        'panel' => '{by, select, money {Geld bringt hier} other {Gewicht bringt hier}} mehr in einem Modul: die Bank fasst mehr, als die Sonne bringt.',
        'either' => 'Batterie und Modul sind hier gleich viel wert.',
        'lasts' => 'Es reicht schon: eine Batterie oder ein Modul mehr ändert nichts.',
        'charge' => 'Eine Batterie oder ein Modul mehr ändert hier nichts: Fahren, Landstrom oder ein Generator muss laden.',
    ],
    'roof' => ['free' => 'Jedes Modul findet seinen Platz.', 'placed' => 'Die Module bleiben, wo sie liegen.'],
];
