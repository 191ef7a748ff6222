<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

/** The parts of the day, in the order in which they are gone through. */
enum Phase: string
{
    case Before = 'before';
    case Isolate = 'isolate';
    case Strip = 'strip';
    case Fit = 'fit';
    case Balance = 'balance';
    case Connect = 'connect';
    case Power = 'power';
    case Close = 'close';
}
