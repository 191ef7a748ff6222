<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources\Rules;

use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\SignalKind;

/**
 * A BMS of its own speaks by two permissions: every source hears when it must not charge, the inverter when it must not draw. One that
 * opens the lead itself stops those by force; but an alternator is told first, or its volts run away.
 */
final class BmsIsHeard implements Rule
{
    public function judge(Study $study): array
    {
        $graph = $study->planned();
        $bms = $graph->of(Family::Bms)[0] ?? null;
        if ($bms === null) {
            return [];
        }
        $signals = in_array($bms->data->text('opens'), ['by_signals', null], true);
        $findings = [];
        foreach ($graph->parts as $part) {
            $alternator = $part->is(Family::Alternator) && $part->data->flag('for_house') === true;
            $asked = match (true) {
                $alternator => SignalKind::MayCharge,
                $signals && $part->kind->isCharger() => SignalKind::MayCharge,
                $signals && $part->is(Family::Inverter) => SignalKind::MayDischarge,
                default => null,
            };
            if ($asked !== null && !($alternator ? $graph->isToldByBms($part) : $graph->hasSignal($asked, $part->uid))) {
                $findings[] = new Finding(
                    'bms-not-heard',
                    Severity::Fix,
                    ['part' => Named::part($part->uid), 'bms' => Named::part($bms->uid)],
                    [],
                    $part->uid,
                    variant: $alternator ? 'alternator' : ($asked === SignalKind::MayDischarge ? 'load' : ''),
                );
            }
        }

        return $findings;
    }
}
