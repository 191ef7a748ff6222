<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Settings\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;
use Pebblefell\Stage\Rule;
use Pebblefell\Stage\Settings\SettingRow;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** Judges that what was typed into each box is what was planned, and no charge volts pass what the battery bears. */
final class SetAsPlanned implements Rule
{
    public function judge(Study $study): array
    {
        $bank = $study->banks()->planned->bank;
        if ($bank === null) {
            return [];
        }
        $ceiling = $study->limits->bears();
        $findings = [];
        foreach ($study->settings()->devices as $device) {
            foreach ($device['rows'] as $row) {
                $finding = $this->tooHigh($device['part'], $row, $ceiling) ?? $this->otherwise($device['part'], $row);
                if ($finding !== null) {
                    $findings[] = $finding;
                }
            }
        }

        return $findings;
    }

    private function tooHigh(Part $part, SettingRow $row, Figure $ceiling): ?Finding
    {
        if ($row->parameter !== Parameter::Absorption && $row->parameter !== Parameter::Float) {
            return null;
        }
        $value = ($row->noted() ?? $row->planned())->number ?? 0.0;

        return $value <= $ceiling->value + 0.001 ? null : new Finding(
            'charge-volts-too-high',
            Severity::Stop,
            [
                'parameter' => Word::of('settings.' . $row->parameter->value),
                'part' => Named::part($part->uid),
                'volts' => Amount::of($value, 'V', 2),
                'bears' => Amount::of($ceiling->value, 'V', 2),
                'profile' => Amount::of($row->profile->number ?? 0.0, 'V', 2),
            ],
            [Figure::given(Word::of('settings.' . $row->parameter->value), $value, 'V'), $ceiling],
            $part->uid,
        );
    }

    private function otherwise(Part $part, SettingRow $row): ?Finding
    {
        $now = $row->noted();
        if ($now === null || $now->agreesWith($row->planned(), $row->parameter->tolerance())) {
            return null;
        }

        return new Finding(
            'set-otherwise-' . str_replace('_', '-', $row->parameter->value),
            Severity::Fix,
            [
                'parameter' => Word::of('settings.' . $row->parameter->value),
                'part' => Named::part($part->uid),
                'now' => self::said($now, $row),
                'planned' => self::said($row->planned(), $row),
            ],
            [
                Figure::given('as-set', $now->number ?? 0.0, $row->parameter->unit()),
                Figure::given('planned', $row->planned()->number ?? 0.0, $row->parameter->unit(), Origin::Computed),
            ],
            $part->uid,
            variant: 'any',
        );
    }

    private static function said(SetValue $value, SettingRow $row): Amount|Word
    {
        return $value->number === null ? Word::of('findings.phrases.off') : Amount::of($value->number, $row->parameter->unit());
    }
}
