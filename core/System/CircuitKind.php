<?php

declare(strict_types=1);

namespace Pebblefell\System;

/** Which part of the vehicle's electrical world a terminal belongs to. */
enum CircuitKind: string
{
    case HouseDc = 'house_dc';
    case StarterDc = 'starter_dc';
    case Pv = 'pv';
    case ShoreAc = 'shore_ac';
    case InverterAc = 'inverter_ac';
    /** Takes the circuit of whatever it is wired into: a fuse, a bar, a switch. */
    case Any = 'any';
}
