<?php

declare(strict_types=1);

// Platz für später.
return [
    'battery' => [
        'name' => 'noch eine Batterie',
        'unknown' => 'das Batteriefach ist nicht vermessen',
        'some' => 'Plätze für gleiche sind im Fach noch frei',
        'none' => 'das Fach ist voll',
    ],
    'ways' => [
        'name' => 'freie Sicherungsplätze',
        'unknown' => 'kein Sicherungsverteiler ist geplant',
        'some' => 'neben den Stromkreisen, die unter Verbrauch genannt sind',
        'none' => 'jeder Platz ist belegt',
    ],
    'panel' => [
        'name' => 'mehr Module an diesen Reglern',
        'unknown' => 'kein Solarregler ist geplant',
        'some' => 'bevor sie begrenzen',
        'none' => 'sie begrenzen schon',
    ],
    'roof' => [
        'name' => 'freies Dach',
        'unknown' => 'das Dach ist nicht vermessen',
        'some' => 'von den {share}, die Module bedecken können',
        'none' => 'von den {share}, die Module bedecken können',
    ],
    'laid' => [
        'name' => 'weitere Module auf dem Dach',
        'unknown' => 'das Dach ist nicht vermessen',
        'some' => 'von der letzten Art, maßstäblich verlegt',
        'none' => 'maßstäblich verlegt, keines passt mehr',
    ],
];
