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
}
