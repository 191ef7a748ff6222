<?php

declare(strict_types=1);

// Arten von Teilen, wie die Werkstatt sie nennt.
return [
    'battery' => 'Batterie',
    'panel' => 'Solarmodul',
    'regulator' => 'Solarregler',
    'dcdc' => 'Ladebooster',
    'isolator' => 'Trennrelais',
    'alternator' => 'Lichtmaschine',
    'mains_charger' => 'Netzladegerät',
    'converter' => 'Elektroblock',
    'inverter' => 'Wechselrichter',
    'inverter_charger' => 'Wechselrichter mit Ladegerät',
    'monitor' => 'Batteriemonitor mit Shunt',
    'low_voltage_disconnect' => 'Unterspannungsschutz',
    'fuse' => 'Sicherung',
    'breaker' => 'Sicherungsautomat',
    'busbar' => 'Sammelschiene',
    'switch' => 'Trennschalter',
    'distribution_box' => 'Sicherungsverteiler',
    'earth_leakage' => 'Fehlerstromschutzschalter',
    'shore_inlet' => 'Landstrom-Einspeisung',
    'gauge' => 'alte Anzeige oder Tafel',
    'heating_pad' => 'Heizmatte für die Batterie',
    'cable' => 'Leitung',
    'generator' => 'Generator',
    'bms' => 'eigenes BMS',
    'alternator_regulator' => 'Regler der Lichtmaschine',
    'plug' => 'Steckverbindung',
    'display' => 'Anzeigegerät, Knoten oder Fernbedienung',
    'sensor' => 'Fühler',
    'roles' => ['house' => 'Bordbatterie', 'starter' => 'Starterbatterie', 'apart' => 'Batterie eines anderen Systems'],
    'sides' => ['house' => 'Bordnetz', 'starter' => 'Starter, Motor', 'apart' => 'ein System für sich'],
];
