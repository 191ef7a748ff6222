<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

/** Where one battery is on its way to being joined. */
enum BalanceStep: string
{
    case Waiting = 'waiting';
    case Charging = 'charging';
    case Absorbing = 'absorbing';
    case Resting = 'resting';
    case Ready = 'ready';
    case Joined = 'joined';

    public function takesCurrent(): bool
    {
        return $this === self::Charging || $this === self::Absorbing;
    }
}
