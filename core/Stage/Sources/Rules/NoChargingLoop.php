<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources\Rules;

use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;

/** No mains charger hangs on the inverter's own outlets: it would empty the bank into heat. */
final class NoChargingLoop implements Rule
{
    public function judge(Study $study): array
    {
        $graph = $study->planned();
        $findings = [];
        $inverters = $graph->of(Family::Inverter);
        foreach ($graph->of(Family::MainsCharger) as $charger) {
            if ($charger->is(Family::Inverter)) {
                continue;
            }
            $supply = Point::of($charger->uid, 'ac_in');
            foreach ($inverters as $inverter) {
                if ($graph->reach([Point::of($inverter->uid, 'ac_out')], Passage::closed())->has($supply)) {
                    $args = ['charger' => Named::part($charger->uid), 'inverter' => Named::part($inverter->uid)];
                    $findings[] = new Finding('charging-loop', Severity::Stop, $args, [], $charger->uid);
                    continue 2;
                }
            }
            if ($inverters !== [] && $graph->at($supply) === []) {
                $findings[] = new Finding(
                    'charger-supply-unknown',
                    Severity::Note,
                    ['charger' => Named::part($charger->uid), 'inverter' => Named::part($inverters[0]->uid)],
                    [],
                    $charger->uid,
                );
            }
        }

        return $findings;
    }
}
