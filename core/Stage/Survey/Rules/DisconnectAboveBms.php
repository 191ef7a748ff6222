<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Change;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Setting\GuardProfile;
use Pebblefell\Setting\Parameter;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * A low-voltage disconnect may stay as a layer above the BMS, if it acts first and carries the current; else it goes. What must not hang
 * behind it does not.
 */
final class DisconnectAboveBms implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        foreach ($study->planned()->of(Family::LowVoltageDisconnect) as $part) {
            $findings = [...$findings, ...array_filter([$this->acts($study, $part)]), ...$this->behind($study, $part)];
        }

        return $findings;
    }

    private function acts(Study $study, Part $part): ?Finding
    {
        $bank = $study->banks()->lithium();
        if ($bank === null) {
            return null;
        }
        $bms = $study->limits->opensBelow();
        $first = $bms->value + GuardProfile::ABOVE_V * $study->system->vehicle->systemV / 12.0;
        $acts = $study->settings()->actsAt($part, Parameter::Disconnect);
        $rating = $part->data->known('rating_a');
        $peak = $study->cables()->behind($part)->peakA();
        $actsFirst = $acts !== null && $acts->value >= $first - 0.001;
        if ($actsFirst && $rating >= $peak->value) {
            return null;
        }

        return new Finding(
            'disconnect-below-bms',
            Severity::Fix,
            [
                'part' => Named::part($part->uid),
                ...Amount::compared(['rating' => $rating, 'peak' => $peak->value], 'A', 0),
                'acts' => $acts === null ? Word::of('findings.phrases.point-not-noted') : Amount::of($acts->value, 'V', 1),
                'bms' => Amount::of($bms->value, 'V', 1),
                'first' => Amount::of($first, 'V', 1),
            ],
            array_values(array_filter([$acts, $bms, $peak])),
            $part->uid,
            [Change::ofPart($part->uid, Fate::Remove->value)],
            $actsFirst ? 'rating' : '',
        );
    }

    /**
     * @return list<Finding>
     */
    private function behind(Study $study, Part $part): array
    {
        if ($part->data->flag('carries_both_ways') === true || !$study->circuit()->hangsOn($part)) {
            return [];
        }
        $branch = $study->cables()->behind($part);
        $findings = [];
        if ($branch->inverters !== []) {
            $findings[] = new Finding(
                'disconnect-feeds-inverter',
                Severity::Stop,
                ['part' => Named::part($part->uid), 'inverter' => Named::part($branch->inverters[0]->uid)],
                [],
                $part->uid,
            );
        }
        foreach ($branch->chargers as $charger) {
            $findings[] = new Finding(
                'charger-behind-disconnect',
                Severity::Fix,
                ['part' => Named::part($part->uid), 'charger' => Named::part($charger->uid)],
                [],
                $charger->uid,
            );
        }

        return $findings;
    }
}
