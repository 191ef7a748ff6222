<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** The bank's own limit is above the worst moment. */
final class BankGivesPeak implements Rule
{
    public function judge(Study $study): array
    {
        $limit = $study->banks()->planned->bank?->dischargeLimitA();
        $peakA = $study->loads()->budget->peakA();
        if ($limit === null || $peakA <= $limit) {
            return [];
        }

        return [new Finding(
            'bank-current-limit',
            Severity::Fix,
            ['peak' => Amount::of($peakA, 'A', 0), 'limit' => Amount::of($limit, 'A', 0)],
            [new Figure('worst-moment', $peakA, 'A', 'worst-moment', [$study->loads()->peak()]), Figure::given('bank-limit', $limit, 'A', Origin::DataSheet)],
        )];
    }
}
