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

/** No mains charger hangs on the inverter's own outlets: it would empty the bank into heat. */
final class NoChargingLoop implements Rule
{
    public function judge(Study $study): array
    {
        $graph = $study->planned();
        $findings = [];
        foreach ($graph->ofKind(PartKind::Inverter, PartKind::InverterCharger) as $inverter) {
            $outlets = $graph->node(Point::of($inverter->uid, 'ac_out'));
            foreach ($graph->ofKind(PartKind::MainsCharger, PartKind::Converter) as $charger) {
                if ($outlets->has(Point::of($charger->uid, 'ac_in'))) {
                    $args = ['charger' => Named::part($charger->uid), 'inverter' => Named::part($inverter->uid)];
                    $findings[$charger->uid] ??= new Finding('charging-loop', Severity::Stop, $args, [], $charger->uid);
                }
            }
        }

        return array_values($findings);
    }
}
