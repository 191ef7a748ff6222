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

/** No mains charger hangs on the inverter's own outlets: it would empty the bank into heat. */
final class NoChargingLoop implements Rule
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
            $outlets = array_filter($graph->ofKind(PartKind::Inverter, PartKind::InverterCharger), static fn($p): bool => in_array($p->uid . '.ac_out', $group, true));
            foreach ($graph->ofKind(PartKind::MainsCharger, PartKind::Converter) as $charger) {
                if ($outlets !== [] && in_array($charger->uid . '.ac_in', $group, true)) {
                    $findings[] = new Finding('charging-loop', Severity::Stop, ['charger' => Named::part($charger->uid), 'inverter' => Named::part(array_values($outlets)[0]->uid)], [], $charger->uid);
                }
            }
        }

        return $findings;
    }
}
