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
use Pebblefell\System\Kind\Usual;

/** The bank's own limits are above the worst moment and above the largest start. */
final class BankGivesPeak implements Rule
{
    public function judge(Study $study): array
    {
        $limit = $study->banks()->planned->bank?->dischargeLimitA();
        $peakA = $study->loads()->budget->peakA();
        $findings = $this->starts($study);
        if ($limit === null || $peakA <= $limit) {
            return $findings;
        }

        return [new Finding(
            'bank-current-limit',
            Severity::Fix,
            Amount::compared(['peak' => $peakA, 'limit' => $limit], 'A', 0),
            [
                new Figure('worst-moment', $peakA, 'A', 'worst-moment', [$study->loads()->peak()]),
                Figure::given('bank-limit', $limit, 'A', Origin::DataSheet),
            ],
        ), ...$findings];
    }

    /**
     * @return list<Finding>
     */
    private function starts(Study $study): array
    {
        $case = $study->banks()->planned;
        if ($case->bank === null) {
            return [];
        }
        $each = $case->parts[0]->data->figureOrUsual('discharge_30s_a');
        $limit = new Figure('limit-for-30-s', $each->value * $case->bank->parallel, 'A', 'strings', [$each], 'battery-sheet');
        $start = $this->startA($study);
        if ($limit->value > 0.0 && $start->value > $limit->value) {
            return [new Finding(
                'start-opens-bms',
                Severity::Fix,
                Amount::compared(['start' => $start->value, 'limit' => $limit->value], 'A', 0),
                [$start, $limit],
            )];
        }
        $full = $study->inverter()?->lowVoltsA();
        $continuous = $case->bank->dischargeLimitA();
        if ($full === null || $continuous === null || $full->value <= $continuous) {
            return [];
        }

        return [new Finding(
            'start-opens-bms',
            Severity::Note,
            Amount::compared(['full' => $full->value, 'limit' => $continuous], 'A', 0),
            [$full, Figure::given('bank-limit', $continuous, 'A', Origin::DataSheet)],
            variant: 'full',
        )];
    }

    /** The largest start, in amps while the battery's volts are low; an inverter gives no more than its own surge. */
    private function startA(Study $study): Figure
    {
        $budget = $study->loads()->budget;
        $inverter = $study->inverter()?->inverter;
        $cutoff = $study->banks()->planned->parts[0]->data->figure('cutoff_v');
        $series = $study->banks()->planned->bank->series ?? 1;
        $systemV = $study->system->vehicle->systemV;
        $low = $inverter?->data->figureOrUsual('low_cutoff_v', $systemV) ?? ($cutoff === null ? Figure::given(
            'low-volts',
            Usual::LOW_CUTOFF_V * $systemV / 12.0,
            'V',
            Origin::Assumed,
        ) : new Figure('low-volts', $cutoff->value * $series, 'V', 'blocks', [$cutoff], 'battery-sheet'));
        $ac = $budget->acPeakW > 0.0;
        $gives = $inverter?->data->number('surge_w');
        $surge = $ac && $gives !== null ? min($budget->surgeW, $gives) : $budget->surgeW;
        $atBattery = $ac ? $surge / ($study->loads()->efficiencyPct->value / 100.0) : $surge;

        return new Figure(
            'start-at-low-volts',
            $atBattery / $low->value,
            'A',
            'start-at-low-volts',
            [Figure::given('largest-start', round($surge), 'W', Origin::Computed), $low],
            'first-principles',
        );
    }
}
