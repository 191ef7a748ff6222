<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Settings\Rules;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Change;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Setting\Parameter;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** Lithium is never equalised. Where a charger cannot switch it off, it stands no higher than 14.6 V on four cells. */
final class EqualiseOff implements Rule
{
    public function judge(Study $study): array
    {
        $bank = $study->banks()->planned->bank;
        // Flooded lead is equalised on purpose.
        if ($bank === null || $bank->chemistry() === Chemistry::Flooded) {
            return [];
        }
        $atMost = $bank->cells() * $bank->chemistry()->ceilingCellV();
        $findings = [];
        foreach ($study->settings()->devices as $device) {
            foreach ($device['rows'] as $row) {
                $value = ($row->noted() ?? $row->planned())->number;
                if ($row->parameter !== Parameter::Equalise || $value === null || $value <= 0.0) {
                    continue;
                }
                $part = $device['part'];
                $cannot = $part->data->flag('equalise_can_disable') === false && $value <= $atMost + 0.001;
                $findings[] = new Finding(
                    'equalise-on',
                    match (true) {
                        $cannot => Severity::Note,
                        $bank->chemistry()->isLithium() => Severity::Stop,
                        default => Severity::Fix,
                    },
                    ['part' => Named::part($part->uid), 'volts' => Amount::of($value, 'V', 1)],
                    [Figure::given('equalise', $value, 'V'), Figure::given('at-most', $atMost, 'V')],
                    $part->uid,
                    $cannot || !$row->isChosenByPerson() ? [] : [Change::ofSetting($part->uid, Parameter::Equalise->value, 'off')],
                    match (true) {
                        $cannot => 'cannot',
                        $bank->chemistry()->isLithium() => '',
                        default => 'lead',
                    },
                );
            }
        }

        return $findings;
    }
}
