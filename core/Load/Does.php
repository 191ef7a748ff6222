<?php

declare(strict_types=1);

namespace Pebblefell\Load;

/** Names what an appliance does that dominates a budget. */
enum Does: string
{
    case Heats = 'heats';
    case Cools = 'cools';
    case KeepsCold = 'keeps_cold';
    case Other = 'other';

    public function heatsOrCools(): bool
    {
        return $this !== self::Other;
    }
}
