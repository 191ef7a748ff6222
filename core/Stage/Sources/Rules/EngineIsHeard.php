<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources\Rules;

use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Stage\Sources\AlternatorCheck;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\SignalKind;

/** A charger on the alternator knows when the engine runs; volts alone do not tell it beside an alternator of variable volts. */
final class EngineIsHeard implements Rule
{
    public function judge(Study $study): array
    {
        $graph = $study->planned();
        $variable = AlternatorCheck::variable($graph);
        $findings = [];
        foreach ($graph->of(Family::Dcdc) as $charger) {
            $wants = $charger->data->text('engine_signal');
            $args = ['part' => Named::part($charger->uid)];
            $heard = $graph->hasSignal(SignalKind::EngineRunning, $charger->uid);
            if (!$heard && ($wants === 'ignition_wire' || $variable !== null)) {
                $findings[] = new Finding(
                    'no-engine-signal',
                    Severity::Fix,
                    $args,
                    [],
                    $charger->uid,
                    variant: $variable === null ? '' : 'variable',
                );
            }
            if (!$heard && $wants === 'volts' && $variable !== null) {
                $findings[] = new Finding(
                    'smart-alternator',
                    Severity::Fix,
                    [...$args, 'alternator' => Named::part($variable->uid)],
                    [],
                    $charger->uid,
                    variant: 'charger',
                );
            }
        }

        return $findings;
    }
}
