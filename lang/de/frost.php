<?php

declare(strict_types=1);

// Der erste sonnige Morgen nach der kältesten Nacht.
return [
    'met' => 'ab {begins} drückte die Sonne bis zu {amps} in eine Batterie von {cold}',
    'calm' => 'die Batterie bleibt über ihrer Grenze, solange die Sonne scheint',
    'night' => 'Die kälteste Nacht, die in den Reisemonaten zu erwarten ist, hat {cold}, im {month}. Die Batterie hat {battery}, wenn die Sonne um {begins} zu laden beginnt.',
    'starts' => 'Zuerst laden: {parts}.',
    'nobody-starts' => 'Kein Solarregler ist im Plan; das erste Ladegerät, das eingeschaltet wird, beginnt.',
    'bms' => 'Die eigene Abschaltung der Batterie hält unter {floor} auf: die Regler sehen eine Batterie, die nichts nimmt.',
    'sensors' => 'Mit eigenem Fühler hören auf: {parts}.',
    'neither' => 'Nichts hält auf: {parts}. Unter {floor} lagert sich Lithium ab, die Batterie nimmt Schaden.',
    'dead' => 'Ist das tot, gehen an dem Morgen bis zu {amps} und zusammen {energy} unter {floor} hinein.',
    'free' => 'Ab {free} ist die Batterie warm genug und nimmt Ladung.',
    'not-free' => 'Den ganzen Tag wird sie nicht warm genug, um Ladung zu nehmen.',
    'heater' => 'Die Wärme von {watts} arbeitet aus dem, was die Sonne bringt.',
    'bench' => 'Auf der Werkbank: den Fühler kühlen (ein Beutel Eis mit Salz darauf, die Batterie selbst warm), während ein Ladegerät einige Ampere gibt, und ablesen, ob der Strom unter {floor} auf null geht und darüber wiederkommt. Eines nach dem anderen: Batterie, dann der Fühler jedes Ladegeräts.',
];
