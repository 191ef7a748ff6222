<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Handover;

use Pebblefell\Stage\Progress;
use Pebblefell\Stage\Room;
use Pebblefell\Study;

/** Answers what the customer keeps. */
final class HandoverRoom implements Room
{
    public function rules(): array
    {
        return [
            new Rules\PackComplete(),
        ];
    }

    public function isDone(Study $study, Progress $progress): bool
    {
        return $progress->handedOver;
    }
}
