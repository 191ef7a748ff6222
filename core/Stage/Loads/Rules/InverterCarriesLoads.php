<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Loads\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Load\LoadSide;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** Judges that what is plugged in can be run: there is an inverter, and it carries the worst moment and the largest start. */
final class InverterCarriesLoads implements Rule
{
    public function judge(Study $study): array
    {
        $budget = $study->loads()->budget;
        if ($budget->acPeakW <= 0.0) {
            return [];
        }
        $peak = new Figure('at-the-outlets', $budget->acPeakW, 'W', 'at-the-outlets');
        $part = $study->planned()->inverter();
        if ($part === null) {
            return [new Finding('no-inverter', Severity::Fix, ['peak' => Amount::of($budget->acPeakW, 'W', 0)], [$peak])];
        }
        $findings = [];
        $continuous = $part->data->figure('continuous_w');
        if ($continuous !== null && $budget->acPeakW > $continuous->value) {
            $names = array_map(
                static fn($a): string => $a->name,
                array_slice(array_values(array_filter($budget->worstAppliances(), static fn($a): bool => $a->side === LoadSide::Ac)), 0, 3),
            );
            $findings[] = new Finding(
                'inverter-overloaded',
                Severity::Fix,
                [
                    'loads' => $names,
                    ...Amount::compared(['peak' => $budget->acPeakW, 'gives' => $continuous->value], 'W', 0),
                    'inverter' => Named::part($part->uid),
                ],
                [$peak, $continuous],
                $part->uid,
            );
        }
        $surge = $part->data->figure('surge_w');
        $start = $study->loads()->surge();
        if ($surge !== null && $start->value > $surge->value) {
            $findings[] = new Finding(
                'inverter-surge',
                Severity::Fix,
                [
                    ...Amount::compared(['start' => $start->value, 'gives' => $surge->value], 'W', 0),
                    'inverter' => Named::part($part->uid),
                ],
                [$start, $surge],
                $part->uid,
            );
        }

        return $findings;
    }
}
