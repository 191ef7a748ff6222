<?php

declare(strict_types=1);

// Eine Bank in Reihe: Block für Block.
return [
    'verdicts' => [
        'even' => 'Sie zeigen das Gleiche: zusammen {volts}, keiner mehr als {limit} vom Mittel.',
        'rest-low' => 'Block {block} hat weniger als die anderen ({apart} in Ruhe). Ihn allein laden, oder den Strang trennen und alle Blöcke parallel angleichen.',
        'rest-high' => 'Block {block} hat mehr als die anderen ({apart} in Ruhe). Den Strang trennen und alle Blöcke parallel angleichen.',
        'charge-high' => 'Block {block} ist beim Laden zuerst oben ({apart}): er ist voller oder schwächer als die anderen, und sein BMS wird den Strang öffnen.',
        'charge-low' => 'Block {block} bleibt beim Laden zurück ({apart}): er ist leerer als die anderen, oder seine Nachbarn sind schwächer.',
        'load-low' => 'Block {block} verliert unter Last am meisten ({apart}): er ist leerer oder verschlissen, oder seine Verbindung ist schlecht. Zuerst lösen, reinigen, nachziehen.',
        'load-high' => 'Block {block} hält sich unter Last am besten ({apart}): seine Nachbarn sind leerer oder verschlissen.',
    ],
    'missing' => 'Auch die übrigen Blöcke eintippen: {blocks}. Ein Strang wird ganz gelesen.',
    'steps' => [
        'parallel' => 'Alle {count} Blöcke parallel verbinden, Plus an Plus und Minus an Minus, nach der Schranke oben; warten, bis sie das Gleiche zeigen. Blöcke, die ungleich in Reihe kommen, bleiben ungleich.',
        'part' => 'Sie wieder trennen und die Ruhespannung jedes Blocks notieren.',
        'string' => 'Jeden Strang zusammensetzen: {strings}.',
        'measure' => 'Jeden Strang messen, bevor er auf die Schiene geht: voll und in Ruhe etwa {volts}; Stränge untereinander innerhalb {apart}.',
        'watch' => 'Die erste volle Ladung Block für Block ansehen: die Spannungen unten eintippen.',
    ],
];
