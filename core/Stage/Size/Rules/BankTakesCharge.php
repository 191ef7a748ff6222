<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** Judges that what charges at one time is no more than the bank takes, shared out over its links. */
final class BankTakesCharge implements Rule
{
    public function judge(Study $study): array
    {
        $limit = $study->limits->takes();
        $sum = $study->supply()->most();
        if ($limit === null || $sum->value <= $limit->value || count($sum->inputs) === 0) {
            return [];
        }

        return [new Finding('charge-sum', Severity::Fix, [
            ...Amount::compared(['sum' => $sum->value, 'limit' => $limit->value], 'A', 0),
            'shares' => array_map(
                static fn(Figure $f): Word => Word::of(
                    'findings.phrases.share',
                    // In whole amperes, which together are no more than it takes.
                    ['source' => $f->label, 'amps' => Amount::of(floor($f->value * $limit->value / $sum->value), 'A', 0)],
                ),
                $sum->inputs,
            ),
        ], [$sum, $limit])];
    }
}
