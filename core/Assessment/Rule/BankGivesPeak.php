<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\Sums;

/** The bank's own limit is above the worst moment. */
final class BankGivesPeak implements Rule
{
    public function stage(): Stage
    {
        return Stage::Size;
    }

    public function judge(Sums $sums): array
    {
        $limit = $sums->banks->planned->bank?->dischargeLimitA();
        $peakA = $sums->loads->budget->peakA();
        if ($limit === null || $peakA <= $limit) {
            return [];
        }

        return [new Finding(
            'bank-current-limit',
            Severity::Fix,
            ['peak' => Amount::of($peakA, 'A', 0), 'limit' => Amount::of($limit, 'A', 0)],
            [new Figure('worst moment', $peakA, 'A', 'watts at the battery ÷ system volts', [$sums->loads->peak()]), Figure::given('bank limit', $limit, 'A', Origin::DataSheet)],
        )];
    }
}
