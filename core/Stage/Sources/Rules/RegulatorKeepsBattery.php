<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources\Rules;

use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\PartKind;

/** A breaker or switch between regulator and battery leaves, once open, panels feeding a regulator that has no battery. */
final class RegulatorKeepsBattery implements Rule
{
    public function judge(Study $study): array
    {
        $graph = $study->planned();
        $findings = [];
        foreach ($graph->ofKind(PartKind::Regulator) as $regulator) {
            foreach ($graph->node(Point::of($regulator->uid, 'battery_plus'))->parts() as $opener) {
                if ($opener->kind === PartKind::Breaker || $opener->kind === PartKind::Switch) {
                    $findings[] = new Finding(
                        'regulator-loses-battery',
                        Severity::Fix,
                        ['opener' => Named::part($opener->uid), 'regulator' => Named::part($regulator->uid)],
                        [],
                        $regulator->uid,
                    );
                }
            }
        }

        return $findings;
    }
}
