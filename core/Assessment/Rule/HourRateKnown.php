<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\Sums;

/** The Ah on a lead battery's label mean little without the hour rate. */
final class HourRateKnown implements Rule
{
    public function stage(): Stage
    {
        return Stage::Survey;
    }

    public function judge(Sums $sums): array
    {
        $bank = $sums->banks->found->bank;
        if ($bank === null || $bank->chemistry()->isLithium()) {
            return [];
        }
        foreach ($sums->banks->found->parts as $i => $part) {
            if ($part->data->number('rate_h') === null) {
                return [new Finding(
                    'hour-rate-missing',
                    Severity::Note,
                    ['part' => Named::part($part->uid), 'hours' => Amount::of($bank->batteries[$i]->rateH, '', 0)],
                    [Figure::given('hour rate', $bank->batteries[$i]->rateH, 'h', Origin::Assumed)],
                    $part->uid,
                )];
            }
        }

        return [];
    }
}
