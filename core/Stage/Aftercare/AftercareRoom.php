<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Aftercare;

use Pebblefell\Stage\Progress;
use Pebblefell\Stage\Room;
use Pebblefell\Study;

/** Is it still as we left it? */
final class AftercareRoom implements Room
{
    public function rules(): array
    {
        return [];
    }

    public function isDone(Study $study, Progress $progress): bool
    {
        return $progress->caredFor;
    }
}
