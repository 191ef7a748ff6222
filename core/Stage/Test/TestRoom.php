<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Test;

use Pebblefell\Stage\Progress;
use Pebblefell\Stage\Room;
use Pebblefell\Study;

/** Is it as promised? */
final class TestRoom implements Room
{
    public function rules(): array
    {
        return [];
    }

    public function isDone(Study $study, Progress $progress): bool
    {
        return $progress->proven;
    }
}
