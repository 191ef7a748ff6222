<?php

declare(strict_types=1);

namespace Pebblefell\Assessment;

/** A stone on the skyline: hollow, filled or cracked. */
enum StageState: string
{
    case ToDo = 'todo';
    case Done = 'done';
    /** An open Stop finding stands in it. */
    case Stopped = 'stopped';

    public function label(): string
    {
        return match ($this) {
            self::ToDo => 'to do',
            self::Done => 'done',
            self::Stopped => 'has a stop',
        };
    }
}
