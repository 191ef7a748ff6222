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
use Pebblefell\Finding\Word;
use Pebblefell\Sizing\Sums;

/** In the poorest travelled month the sun puts back what is used, or something else does. */
final class SunCarriesMonths implements Rule
{
    public function stage(): Stage
    {
        return Stage::Sources;
    }

    public function judge(Sums $sums): array
    {
        $sun = $sums->sun;
        if ($sun === null || $sun->ruling === null || $sums->loads->budget->energyWhDay <= 0.0) {
            return [];
        }
        if ($sums->planned->chargers() === []) {
            return [new Finding('nothing-charges', Severity::Fix, [], [Figure::given('array', $sun->plannedW, 'W')])];
        }
        $otherwise = $sums->system->travel->hookUp !== 'never' || $sums->system->travel->drivingHDay > 0.0;
        if ($sun->coverage() >= 1.0 || ($sun->plannedW <= 0.0 && $otherwise)) {
            return [];
        }
        $needed = $sun->needed();

        return [new Finding(
            'sun-short',
            $otherwise ? Severity::Note : Severity::Fix,
            [
                'covered' => Amount::of(100.0 * $sun->coverage(), '%', 0), 'month' => Word::of('months.' . $sun->ruling->month), 'array' => Amount::of($sun->plannedW, 'W', 0), 'brings' => Amount::of($sun->ruling->plannedWh, '', 0), 'need' => Amount::of($sun->ruling->needWh, 'Wh', 0),
                'alone' => $needed === null || $sun->isBeyondAnyRoof() ? Word::of('findings.phrases.beyond-any-roof') : Word::of('findings.phrases.sun-alone', ['needed' => Amount::of($needed->value, 'W', 0)]),
            ],
            [Figure::given('covered', round(100 * $sun->coverage()), '%', Origin::Computed), Figure::given('array', $sun->plannedW, 'W', Origin::DataSheet)],
            variant: $otherwise ? 'otherwise' : '',
        )];
    }
}
