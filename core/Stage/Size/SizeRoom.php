<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Stage\Progress;
use Pebblefell\Stage\Room;
use Pebblefell\Study;

/** Battery or sun? */
final class SizeRoom implements Room
{
    public function rules(): array
    {
        return [
            new Rules\BankLastsWish(),
            new Rules\VoltsMatch(),
            new Rules\BankGivesPeak(),
            new Rules\BankTakesCharge(),
            new Rules\LithiumHasBms(),
            new Rules\ColdCharging(),
            new Rules\BankFitsBay(),
            new Rules\WeightAllowed(),
            new Rules\AxlesBear(),
            new Rules\PanelsFitRoof(),
        ];
    }

    public function isDone(Study $study, Progress $progress): bool
    {
        return $study->banks()->planned->exists();
    }
}
