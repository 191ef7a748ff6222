<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Remedy;
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
            'The worst moment trips the BMS',
            sprintf('%.0f A are wanted at once; the bank gives %.0f A if all share equally, then it goes dark.', $peakA, $limit),
            new Remedy('Add a battery, choose one with a larger limit, or move loads apart'),
            'data sheet',
            [new Figure('worst moment', $peakA, 'A', 'watts at the battery ÷ system volts', [$sums->loads->peak()]), Figure::given('bank limit', $limit, 'A', Origin::DataSheet)],
        )];
    }
}
