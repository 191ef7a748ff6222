<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** Temperature compensation, found on and not yet set to none, bends lithium's charge volts with the weather. */
final class SensorTellsLithium implements Rule
{
    public function judge(Study $study): array
    {
        if ($study->banks()->lithium() === null) {
            return [];
        }
        $findings = [];
        foreach ($study->settings()->devices as $device) {
            foreach ($device['rows'] as $row) {
                $found = $row->entry?->found;
                $isOn = $found !== null && !$found->agreesWith(SetValue::number(0.0), $row->parameter->tolerance()) && !$found->isOff();
                if ($row->parameter !== Parameter::Compensation || !$isOn || $row->noted() !== null) {
                    continue;
                }
                $findings[] = new Finding(
                    'compensation-left-on',
                    Severity::Fix,
                    ['part' => Named::part($device['part']->uid), 'found' => Amount::of($found->number ?? 0.0, 'mV')],
                    [Figure::given('found', $found->number ?? 0.0, 'mV/°C')],
                    $device['part']->uid,
                );
            }
        }

        return $findings;
    }
}
