<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\Stage\Progress;
use Pebblefell\Stage\Room;
use Pebblefell\Study;

/** In what order, and when is it done? */
final class DayPlanRoom implements Room
{
    public function rules(): array
    {
        return [];
    }

    public function isDone(Study $study, Progress $progress): bool
    {
        // What is handed over has been worked, whether it was ticked or not.
        return $progress->worked || $progress->handedOver;
    }
}
