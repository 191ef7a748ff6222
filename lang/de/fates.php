<?php

declare(strict_types=1);

// Was aus einem Teil wird.
return [
    'keep' => 'bleibt',
    'reprogram' => 'bleibt, neu einstellen',
    'move' => 'bleibt, versetzen',
    'relabel' => 'bleibt, beschriften',
    'remove' => 'ausbauen',
    'add' => 'neu einbauen',
    'disconnect' => 'abklemmen, bleibt drin',
];
