<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\Sums;

/** Far from any post, one lithium battery with one BMS is one point of failure: a second, or a spare, is thought of. */
final class SpareForFarAway implements Rule
{
    public function stage(): Stage
    {
        return Stage::Bank;
    }

    public function judge(Sums $sums): array
    {
        $bank = $sums->lithiumBank();
        if ($bank === null || $bank->parallel > 1 || $sums->system->travel->hookUp !== 'never') {
            return [];
        }

        return [new Finding('no-spare-battery', Severity::Note, [], [Figure::given('strings', 1.0, '')])];
    }
}
