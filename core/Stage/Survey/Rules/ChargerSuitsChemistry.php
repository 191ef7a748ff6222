<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Change;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Setting\Parameter;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Every charger that stays beside lithium suits it: by its profile, or by the volts that it gives; and someone switches it over. */
final class ChargerSuitsChemistry implements Rule
{
    /** LFP fills from here on, V a cell. Common practice: 13.8 V on four, held for long. */
    private const FILLS_CELL_V = 3.45;

    public function judge(Study $study): array
    {
        $bank = $study->banks()->lithium();
        if ($bank === null) {
            return [];
        }
        $findings = [];
        foreach ($study->planned()->chargers() as $part) {
            $bears = $study->limits->bears();
            $fills = Figure::given('fills-from', $bank->cells() * self::FILLS_CELL_V, 'V', Origin::Assumed);
            $systemV = $study->system->vehicle->systemV;
            $finding = $this->byVolts($part, $systemV, $bears, $fills) ?? match ($part->data->text('lithium')) {
                'none' => $this->volts($part, 'max', $systemV) === null ? $this->leadOnly($part) : null,
                null => $this->volts($part, 'max', $systemV) === null ? $this->unknown($part) : null,
                'preset' => $this->preset($study, $part) ?? $this->reprogram($study, $part),
                default => $this->reprogram($study, $part),
            };
            if ($finding !== null) {
                $findings[] = $finding;
            }
        }

        return $findings;
    }

    /**
     * The volts that it can be set to at most, or at least; null where its sheet does not say. A regulator that finds the system's volts by
     * itself has its volts written per 12 V.
     */
    private function volts(Part $part, string $end, float $systemV): ?Figure
    {
        $volts = $part->data->figure("absorption_{$end}_v");
        $most = $part->data->number('absorption_max_v');
        if ($volts === null || !$part->is(Family::SolarRegulator) || $most === null || $most > $systemV) {
            return $volts;
        }

        return new Figure($volts->label, $volts->value * $systemV / 12.0, 'V', 'blocks', [$volts], 'data-sheet');
    }

    /** Above the battery's limit whatever one sets, or never up to where it is full. */
    private function byVolts(Part $part, float $systemV, Figure $bears, Figure $fills): ?Finding
    {
        $least = $this->volts($part, 'min', $systemV);
        $most = $this->volts($part, 'max', $systemV);
        // Without a lithium profile it goes as high as it goes; what can be set is judged by the least.
        $asBuilt = $part->data->text('lithium') === 'none' ? $most : $least;
        if ($asBuilt !== null && $asBuilt->value > $bears->value + 0.001) {
            $args = [
                'kind' => Word::of('kinds.' . $part->kind->value),
                'part' => Named::part($part->uid),
                ...Amount::compared(['volts' => $asBuilt->value, 'bears' => $bears->value], 'V', 1),
            ];

            return $part->data->text('lithium') === 'none'
                ? new Finding(
                    'lead-only-charger',
                    Severity::Stop,
                    $args,
                    [$asBuilt, $bears],
                    $part->uid,
                    [Change::ofPart($part->uid, Fate::Remove->value)],
                    'volts',
                )
                : new Finding('charge-volts-too-high', Severity::Stop, $args, [$asBuilt, $bears], $part->uid, variant: 'built');
        }

        return $most === null || $most->value >= $fills->value ? null : new Finding(
            'never-fills',
            Severity::Fix,
            ['part' => Named::part($part->uid), ...Amount::compared(['volts' => $most->value, 'fills' => $fills->value], 'V', 1)],
            [$most, $fills],
            $part->uid,
        );
    }

    /** A charger with a ready profile gives the volts behind its switch, and no others. */
    private function preset(Study $study, Part $part): ?Finding
    {
        $gives = $part->data->figure('absorption_max_v');
        $wanted = $study->banks()->planned->parts[0]->data->figure('absorption_v');
        $series = $study->banks()->planned->bank->series ?? 1;
        if ($gives === null
            || $wanted === null
            || $gives->value !== $part->data->number('absorption_min_v')
            || abs($gives->value - $wanted->value * $series) <= Parameter::Absorption->tolerance()) {
            return null;
        }

        return new Finding(
            'preset-volts',
            Severity::Fix,
            [
                'part' => Named::part($part->uid),
                ...Amount::compared(['volts' => $gives->value, 'wanted' => $wanted->value * $series], 'V', 1),
            ],
            [$gives, $wanted],
            $part->uid,
        );
    }

    private function leadOnly(Part $part): Finding
    {
        return new Finding(
            'lead-only-charger',
            Severity::Stop,
            ['kind' => Word::of('kinds.' . $part->kind->value), 'part' => Named::part($part->uid)],
            [],
            $part->uid,
            [Change::ofPart($part->uid, Fate::Remove->value)],
        );
    }

    private function unknown(Part $part): Finding
    {
        return new Finding('charger-profile-unknown', Severity::Fix, ['part' => Named::part($part->uid)], [], $part->uid);
    }

    private function reprogram(Study $study, Part $part): ?Finding
    {
        if ($part->fate !== Fate::Keep || $this->isSet($study, $part)) {
            return null;
        }

        return new Finding(
            'reprogram-charger',
            Severity::Fix,
            ['part' => Named::part($part->uid)],
            [],
            $part->uid,
            [Change::ofPart($part->uid, Fate::Reprogram->value)],
            $part->data->flag('hidden_switch') === true ? 'switch' : '',
        );
    }

    /** Its absorption was found, or set, where the plan wants it: somebody has been there. */
    private function isSet(Study $study, Part $part): bool
    {
        foreach ($study->settings()->devices as $device) {
            foreach ($device['part']->uid === $part->uid ? $device['rows'] : [] as $row) {
                $is = $row->parameter === Parameter::Absorption ? $row->noted() ?? $row->entry?->found : null;
                if ($is?->agreesWith($row->planned(), $row->parameter->tolerance()) === true) {
                    return true;
                }
            }
        }

        return false;
    }
}
