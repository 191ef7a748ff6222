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

/** In the poorest travelled month the sun puts back what is used, or something else does. */
final class SunCarriesMonths implements Rule
{
    private const MONTHS = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

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
            return [new Finding('nothing-charges', Severity::Fix, 'Nothing charges the bank', 'The plan has no regulator, DC-DC charger or mains charger for the planned bank.', new Remedy('Add a source, or keep one that suits'), 'first principles', [Figure::given('array', $sun->plannedW, 'W')])];
        }
        $otherwise = $sums->system->travel->hookUp !== 'never' || $sums->system->travel->drivingHDay > 0.0;
        if ($sun->coverage() >= 1.0 || ($sun->plannedW <= 0.0 && $otherwise)) {
            return [];
        }
        $needed = $sun->needed();
        $name = self::MONTHS[$sun->ruling->month - 1];

        return [new Finding(
            'sun-short',
            $otherwise ? Severity::Note : Severity::Fix,
            sprintf('Sun covers %.0f %% in %s', 100 * $sun->coverage(), $name),
            sprintf('%.0f W of array bring %.0f of %.0f Wh a day there. ', $sun->plannedW, $sun->ruling->plannedWh, $sun->ruling->needWh)
                . ($needed === null || $sun->isBeyondAnyRoof() ? 'No roof is large enough there.' : sprintf('Sun alone would take %.0f W.', $needed->value))
                . ($otherwise ? ' Driving or hook-up must bring the rest.' : ''),
            new Remedy('More panel, a tilt, less use, or another source'),
            'computed; see how',
            [Figure::given('covered', round(100 * $sun->coverage()), '%', Origin::Computed), Figure::given('array', $sun->plannedW, 'W', Origin::DataSheet)],
        )];
    }
}
