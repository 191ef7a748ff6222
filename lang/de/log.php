<?php

declare(strict_types=1);

// Das Protokoll eines Monitors neben dem Plan.
return [
    'says' => [
        'few-days' => 'Weniger als {days} Tage sind fast ganz aufgezeichnet: dazu wird nichts gesagt.',
        'fits' => 'Aufgezeichnet ist, was geplant war.',
        'more-used' => 'Es wird mehr verbraucht als aufgelistet: {out} am Tag, geplant {planned}. Entweder leben wie geplant oder planen, wie gelebt wird: Verbraucher.',
        'less-used' => 'Es wird weniger verbraucht als aufgelistet: {out} am Tag, geplant {planned}. Es ist mehr Reserve da, als der Plan sagt.',
        'was-sun' => 'Es fehlte an Quellen: {out} am Tag gingen hinaus, {in} kamen hinein; bis auf {low}, an {times} Tagen unter einem Fünftel. Mehr Batterie würde es nur verschieben.',
        'was-battery' => 'Es fehlte an Batterie: was hinausging ({out} am Tag), kam wieder hinein ({in}), und doch ging es bis auf {low}, an {times} Tagen unter ein Fünftel.',
        'sun-short' => 'Die Sonne brachte {measured} am Tag, für diese Monate versprochen waren {promised}: Schatten, Schmutz, Hitze, ein loser Strang oder ein Regler, der zu früh auf Erhaltung geht. Im Test wird jedes Feld allein gemessen.',
        'sun-never-came' => 'Die Sonne kam nie an: {measured} am Tag von {promised} versprochenen. Ein offener Schalter, ein ausgelöster Automat, eine Steckverbindung oder ein Regler, der die Batterie nicht sieht.',
        'unlisted' => 'Nachts werden {measured} gezogen, geplant sind {planned}: es läuft etwas, das niemand aufgelistet hat, {day} am Tag. Ein Wechselrichter, der an blieb, eine Anzeige, ein Kühlschrank.',
        'never-full' => 'Sie war {days} Tage hintereinander nicht voll: der Monitor verzählt sich, und die Zellen werden nicht angeglichen. Einmal voll laden.',
        'shrunk' => 'Die Bank fasst weniger, als dem Monitor gesagt wurde: er zeigte {says} und mehr, und doch stand sie fast ohne Strom bei {volts}, wie eine mit {like}. Kapazität messen und jede Batterie allein ansehen.',
        'held-full' => 'Sie steht {hours} am Tag voll: so altert Lithium. Langes Leben in den Einstellungen, oder das Ladegerät aus.',
    ],
];
