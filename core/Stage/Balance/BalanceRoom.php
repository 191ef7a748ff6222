<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Balance;

use Pebblefell\Stage\Progress;
use Pebblefell\Stage\Room;
use Pebblefell\Study;

/** May they be joined yet? */
final class BalanceRoom implements Room
{
    public function rules(): array
    {
        return [
            new Rules\StringsCloseAlike(),
            new Rules\BlocksAlike(),
        ];
    }

    public function isDone(Study $study, Progress $progress): bool
    {
        return $progress->balanced && $study->banks()->planned->exists();
    }
}
