<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Remedy;
use Pebblefell\Finding\Severity;
use Pebblefell\Load\Side;
use Pebblefell\Sizing\Sums;

/** What is plugged in can be run: there is an inverter, and it carries the worst moment and the largest start. */
final class InverterCarriesLoads implements Rule
{
    public function stage(): Stage
    {
        return Stage::Loads;
    }

    public function judge(Sums $sums): array
    {
        $budget = $sums->loads->budget;
        if ($budget->acPeakW <= 0.0) {
            return [];
        }
        $peak = new Figure('at the outlets', $budget->acPeakW, 'W', 'sum of what is on at once');
        $part = $sums->planned->inverter();
        if ($part === null) {
            return [new Finding('no-inverter', Severity::Fix, 'AC loads, and no inverter', sprintf('%.0f W are wanted at the outlets and nothing in the plan makes mains.', $budget->acPeakW), new Remedy('Add an inverter of at least that'), 'first principles', [$peak])];
        }
        $findings = [];
        $continuous = $part->data->figure('continuous_w');
        if ($continuous !== null && $budget->acPeakW > $continuous->value) {
            $names = implode(' + ', array_map(static fn($a): string => $a->name, array_slice(array_values(array_filter($budget->worstAppliances(), static fn($a): bool => $a->side === Side::Ac)), 0, 3)));
            $findings[] = new Finding('inverter-overloaded', Severity::Fix, 'More at once than the inverter gives', sprintf('%s want %.0f W together; %s gives %.0f W.', $names, $budget->acPeakW, $part->name(), $continuous->value), new Remedy('Move one of them to another hour, or fit a larger inverter'), 'data sheet', [$peak, $continuous], $part->uid);
        }
        $surge = $part->data->figure('surge_w');
        $start = $sums->loads->surge();
        if ($surge !== null && $start->value > $surge->value) {
            $findings[] = new Finding('inverter-surge', Severity::Fix, 'A start trips the inverter', sprintf('The largest start asks for %.0f W; %s gives %.0f W for a moment.', $start->value, $part->name(), $surge->value), new Remedy('Start it alone, fit a soft starter, or a larger inverter'), 'data sheet', [$start, $surge], $part->uid);
        }

        return $findings;
    }
}
