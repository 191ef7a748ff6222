<?php

declare(strict_types=1);

namespace Pebblefell\System;

/** Names what one part tells another. */
enum SignalKind: string
{
    case EngineRunning = 'engine_running';
    case MayCharge = 'may_charge';
    case MayDischarge = 'may_discharge';
    case BatteryTemperature = 'battery_temperature';
    case BatteryVolts = 'battery_volts';
}
