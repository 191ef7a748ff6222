<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** In the poorest travelled month the sun puts back what is used, or something else does. */
final class SunCarriesMonths implements Rule
{
    public function judge(Study $study): array
    {
        $sun = $study->simulations->sun();
        if ($sun === null || $sun->ruling === null || $study->loads()->budget->energyWhDay <= 0.0) {
            return [];
        }
        if ($study->planned()->chargers() === []) {
            return [new Finding('nothing-charges', Severity::Fix, [], [Figure::given('array', $sun->plannedW, 'W')])];
        }
        $otherwise = $this->otherwise($study);
        if ($sun->coverage() >= 1.0 || ($sun->plannedW <= 0.0 && $otherwise)) {
            return [];
        }
        $needed = $sun->needed();

        return [new Finding(
            'sun-short',
            $otherwise ? Severity::Note : Severity::Fix,
            [
                'covered' => Amount::of($sun->coveredPct(), '%', 0), 'month' => Word::of('months.'
                    . $sun->ruling->month), 'array' => Amount::of($sun->plannedW, 'W', 0), 'brings' => Amount::of(
                        $sun->ruling->plannedWh,
                        '',
                        0,
                    ), 'need' => Amount::of($sun->ruling->needWh, 'Wh', 0),
                'alone' => $needed === null || $sun->isBeyondRoof() ? Word::of(
                    'findings.phrases.beyond-roof',
                    ['holds' => Amount::of($sun->roofW, 'W', 0)],
                ) : Word::of('findings.phrases.sun-alone', ['needed' => Amount::of($needed->value, 'W', 0)]),
            ],
            [
                Figure::given('covered', $sun->coveredPct(), '%', Origin::Computed),
                Figure::given('array', $sun->plannedW, 'W', Origin::DataSheet),
            ],
            variant: match (true) {
                $otherwise => 'otherwise',
                $sun->plannedW <= 0.0 => 'nothing',
                $study->system->travel->hookUp === 'never' && $study->system->travel->drivingHDay <= 0.0 => 'standing',
                default => '',
            },
        )];
    }

    /** Something else in the plan brings charge on their days: on the road, or at a post. */
    private function otherwise(Study $study): bool
    {
        $graph = $study->planned();
        $travel = $study->system->travel;
        $houseAlternator = array_filter(
            $graph->of(Family::Alternator),
            static fn(Part $p): bool => $p->data->flag('for_house') === true,
        );
        $onTheRoad = $houseAlternator !== [] || $graph->of(Family::EngineCharger) !== [];
        $atAPost = $graph->of(Family::MainsCharger) !== [];

        return ($onTheRoad && $travel->drivingHDay > 0.0) || ($atAPost && $travel->hookUp !== 'never');
    }
}
