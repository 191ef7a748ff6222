<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** The Ah on a lead battery's label mean little without the hour rate. */
final class HourRateKnown implements Rule
{
    public function judge(Study $study): array
    {
        $bank = $study->banks()->found->bank;
        if ($bank === null || $bank->chemistry()->isLithium()) {
            return [];
        }
        foreach ($study->banks()->found->parts as $i => $part) {
            if ($part->data->number('rate_h') === null) {
                return [new Finding(
                    'hour-rate-missing',
                    Severity::Note,
                    ['part' => Named::part($part->uid), 'hours' => Amount::of($bank->batteries[$i]->rateH, '', 0)],
                    [Figure::given('hour-rate', $bank->batteries[$i]->rateH, 'h', Origin::Assumed)],
                    $part->uid,
                )];
            }
        }

        return [];
    }
}
