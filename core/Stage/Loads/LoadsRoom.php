<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Loads;

use Pebblefell\Stage\Progress;
use Pebblefell\Stage\Room;
use Pebblefell\Study;

/** Answers what is used, and when. */
final class LoadsRoom implements Room
{
    public function rules(): array
    {
        return [
            new Rules\InverterCarriesLoads(),
            new Rules\IdleShare(),
            new Rules\OtherSystems(),
            new Rules\StraightToBattery(),
        ];
    }

    public function isDone(Study $study, Progress $progress): bool
    {
        return $study->loads()->budget->energyWhDay > 0.0;
    }
}
