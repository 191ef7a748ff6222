<?php

declare(strict_types=1);

// Gewohnheiten und Änderungen, die Strom sparen.
return [
    'inverter-off' => 'Wechselrichter ausschalten, solange ihn nichts braucht',
    'standby-off' => '{appliance} ganz ausschalten statt auf Bereitschaft lassen',
    'ventilate' => 'Erst lüften, dann mit {appliance} kühlen',
    'dc-fridge' => 'Ein Kompressorkühlschrank für Gleichstrom statt {appliance} spart die Verluste des Wechselrichters',
    'fuel-heat' => 'Mit Gas oder Diesel heizen statt mit {appliance}',
];
