<?php

declare(strict_types=1);

namespace Pebblefell\System;

/** Names what the plan does with a part, a conductor or a signal. */
enum Fate: string
{
    case Keep = 'keep';
    case Reprogram = 'reprogram';
    case Move = 'move';
    case Relabel = 'relabel';
    case Remove = 'remove';
    case Add = 'add';
    /** Left in, connected to nothing: out of every sum, labelled, and in the pack. */
    case Disconnect = 'disconnect';

    /** There before the work. */
    public function isFound(): bool
    {
        return $this !== self::Add;
    }

    /** There after the work. */
    public function isPlanned(): bool
    {
        return $this !== self::Remove && $this !== self::Disconnect;
    }
}
