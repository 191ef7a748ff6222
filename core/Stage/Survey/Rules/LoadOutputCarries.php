<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;

/** A regulator's load output has a small limit of its own; whatever hangs on it must stay below. */
final class LoadOutputCarries implements Rule
{
    public function judge(Study $study): array
    {
        $graph = $study->planned();
        foreach ($graph->of(Family::SolarRegulator) as $regulator) {
            $limit = $regulator->data->figure('load_output_a');
            if ($limit === null) {
                continue;
            }
            foreach ($graph->node(Point::of($regulator->uid, 'load_plus'))->points() as $point) {
                $fed = $graph->parts[$point->uid];
                if ($fed->is(Family::DistributionBox, Family::Inverter) && $point->terminal === $fed->kind->kind()->hangsAt()?->plus) {
                    $amps = $fed->is(Family::Inverter)
                        ? new Figure('fed', $fed->data->known('continuous_w') / $study->system->vehicle->systemV, 'A', 'fed')
                        : $fed->data->figureOrUsual('rating_a');
                    if ($amps->value > $limit->value) {
                        return [new Finding(
                            'load-output-overloaded',
                            Severity::Fix,
                            [
                                'regulator' => Named::part($regulator->uid),
                                ...Amount::compared(['limit' => $limit->value, 'amps' => $amps->value], 'A', 0),
                                'fed' => Named::part($fed->uid),
                            ],
                            [$limit, $amps],
                            $regulator->uid,
                        )];
                    }
                }
            }
        }

        return [];
    }
}
