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
use Pebblefell\Trip\EnduranceMap;

/** The planned bank lasts as long as the customer wishes: without any charge, or, if that is the wish, with the days as they live. */
final class BankLastsWish implements Rule
{
    public function judge(Study $study): array
    {
        $case = $study->banks()->planned;
        $wish = $study->system->travel->wishDays;
        if ($case->bank === null || $study->loads()->budget->energyWhDay <= 0.0) {
            return [];
        }
        $lived = $study->system->travel->wish === 'lived' ? $study->simulations->livedDays() : null;
        if ($lived !== null) {
            return $this->asLived($study, $lived);
        }
        $days = $case->days();
        if ($days->value >= $wish) {
            return [];
        }
        $each = $case->usable()->value / count($case->bank->batteries);
        $count = $study->banks()->countFor($each, $case->bank->series);
        // With charge from the sun in hand the wish may still be met; then it is worth knowing, not a fault.
        $bay = $study->banks()->bayFit($case, $count);
        $stand = $bay === null || $bay->fits();
        $byself = $study->simulations->sun() !== null && $study->simulations->sun()->coverage() >= 1.0;

        return [new Finding(
            'short-of-wish',
            $byself ? Severity::Note : Severity::Fix,
            [
                ...self::days($days->value, $wish), 'count' => $count,
                ...($stand ? [] : ['most' => $bay->most]),
            ],
            [$days, Figure::given('days-wished', $wish, 'days')],
            variant: implode('-', array_keys(array_filter(['sun' => $byself, 'bay' => !$stand]))),
        )];
    }

    /**
     * @return list<Finding>
     */
    private function asLived(Study $study, float $days): array
    {
        $travel = $study->system->travel;
        if ($days >= min($travel->wishDays, (float) EnduranceMap::MOST_DAYS)) {
            return [];
        }

        return [new Finding(
            'short-of-wish',
            Severity::Fix,
            [
                ...self::days($days, $travel->wishDays),
                'month' => Word::of('months.' . ($study->simulations->sun()->ruling->month ?? 1)),
            ],
            [
                new Figure(
                    'days-as-they-live',
                    $days,
                    'days',
                    'days-as-they-live',
                    [Figure::given('driving-a-day', $travel->drivingHDay, 'h')],
                    'simulation',
                ),
                Figure::given('days-wished', $travel->wishDays, 'days'),
            ],
            variant: 'lived',
        )];
    }

    /**
     * As the page above it writes them: three figures.
     *
     * @return array<string, Amount>
     */
    private static function days(float $days, float $wish): array
    {
        return Amount::compared(['days' => $days, 'wish' => $wish], '', $days < 10.0 ? 2 : 1);
    }
}
