<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** With the plan fitted no axle, and no coupling, bears more than its plate says; and a trailer's coupling not too little. */
final class AxlesBear implements Rule
{
    public function judge(Study $study): array
    {
        $axles = $study->axles();
        if ($axles === null) {
            return [];
        }
        $findings = [];
        foreach (['front' => true, 'rear' => false] as $which => $isFront) {
            [$after, $most] = $isFront ? [$axles->frontAfter(), $axles->frontMost] : [$axles->rearAfter(), $axles->rearMost];
            if ($axles->over($isFront) !== null && $after !== null && $most !== null) {
                $findings[] = new Finding(
                    'axle-overloaded',
                    Severity::Stop,
                    Amount::compared(['after' => $after, 'most' => $most], 'kg', 0),
                    [$isFront ? $axles->front : $axles->rear, Figure::given('plate', $most, 'kg')],
                    '',
                    variant: $isFront && $axles->isTrailer ? 'coupling' : $which,
                );
            }
        }
        $light = $axles->lightNosePct();
        if ($light !== null) {
            $findings[] = new Finding('nose-light', Severity::Note, ['share' => Amount::of($light, '%', 1)], [$axles->front, $axles->rear]);
        }

        return $findings;
    }
}
