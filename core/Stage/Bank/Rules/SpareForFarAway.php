<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank\Rules;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** Far from any post, one lithium battery with one BMS is one point of failure: a second, or a spare, is thought of. */
final class SpareForFarAway implements Rule
{
    public function judge(Study $study): array
    {
        $bank = $study->banks()->lithium();
        if ($bank === null || $bank->parallel > 1 || $study->system->travel->hookUp !== 'never') {
            return [];
        }

        return [new Finding('no-spare-battery', Severity::Note, [], [Figure::given('strings', 1.0, '')])];
    }
}
