<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\Sums;
use Pebblefell\System\PartKind;

/** A breaker or switch between regulator and battery leaves, once open, panels feeding a regulator that has no battery. */
final class RegulatorKeepsBattery implements Rule
{
    public function stage(): Stage
    {
        return Stage::Sources;
    }

    public function judge(Sums $sums): array
    {
        $graph = $sums->planned;
        $findings = [];
        foreach ($graph->joined() as $group) {
            foreach ($graph->ofKind(PartKind::Regulator) as $regulator) {
                if (!in_array($regulator->uid . '.battery_plus', $group, true)) {
                    continue;
                }
                foreach ($graph->ofKind(PartKind::Breaker, PartKind::Switch) as $opener) {
                    if (in_array($opener->uid . '.in', $group, true) || in_array($opener->uid . '.out', $group, true)) {
                        $findings[] = new Finding('regulator-loses-battery', Severity::Fix, ['opener' => Named::part($opener->uid), 'regulator' => Named::part($regulator->uid)], [], $regulator->uid);
                    }
                }
            }
        }

        return $findings;
    }
}
