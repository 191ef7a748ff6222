<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank;

use Pebblefell\Stage\Progress;
use Pebblefell\Stage\Room;
use Pebblefell\Study;

/** Does every battery carry its share? */
final class BankRoom implements Room
{
    public function rules(): array
    {
        return [
            new Rules\LikeWithLike(),
            new Rules\BankSharesEvenly(),
            new Rules\EqualLeads(),
            new Rules\FloodedVentsOutside(),
            new Rules\SomethingWakesIt(),
            new Rules\SpareForFarAway(),
        ];
    }

    public function isDone(Study $study, Progress $progress): bool
    {
        $bank = $study->banks()->planned->bank;
        if ($bank === null || $bank->parallel < 2) {
            return $bank !== null;
        }
        // One string needs no drawing; more are drawn, with sizes.
        $drawing = $study->drawing();

        return $drawing !== null && $drawing->problem === null && !$drawing->assumed;
    }
}
