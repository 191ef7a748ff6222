<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Change;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Remedy;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\Sums;
use Pebblefell\System\Fate;
use Pebblefell\System\Part;

/** Every charger that stays beside lithium has a lithium profile, and someone switches it on. */
final class ChargerSuitsChemistry implements Rule
{
    public function stage(): Stage
    {
        return Stage::Survey;
    }

    public function judge(Sums $sums): array
    {
        if ($sums->lithiumBank() === null) {
            return [];
        }
        $findings = [];
        foreach ($sums->planned->chargers() as $part) {
            $finding = match ($part->data->text('lithium')) {
                'none' => $this->leadOnly($part),
                null => $this->unknown($part),
                default => $part->fate === Fate::Keep ? $this->reprogram($part) : null,
            };
            if ($finding !== null) {
                $findings[] = $finding;
            }
        }

        return $findings;
    }

    private function leadOnly(Part $part): Finding
    {
        return new Finding(
            'lead-only-charger',
            Severity::Stop,
            'Lead-only ' . $part->kind->label() . ' beside lithium',
            $part->name() . ' has no lithium profile. It equalises or floats at lead volts, and can push cells past their limit until the BMS opens.',
            new Remedy('Take it out; fit one with a lithium profile', [Change::ofPart($part->uid, Fate::Remove->value)]),
            'data sheet; common practice',
            [],
            $part->uid,
        );
    }

    private function unknown(Part $part): Finding
    {
        return new Finding(
            'charger-profile-unknown',
            Severity::Fix,
            'Can it charge lithium?',
            'Nothing is noted on whether ' . $part->name() . ' has a lithium profile. Read its manual, or look inside for a lead/lithium switch, and note it.',
            new Remedy('Note its lithium profile on its sheet'),
            'common practice',
            [],
            $part->uid,
        );
    }

    private function reprogram(Part $part): Finding
    {
        return new Finding(
            'reprogram-charger',
            Severity::Fix,
            'Still on its lead settings',
            $part->data->flag('hidden_switch') === true
                ? $part->name() . ' hides a lead/lithium switch inside. From the outside nobody sees which way it stands.'
                : $part->name() . ' can charge lithium but is only kept. Most failed upgrades are a charger that nobody reprogrammed.',
            new Remedy($part->data->flag('hidden_switch') === true ? 'Mark it: keep, reprogram; open it and set the switch' : 'Mark it: keep, reprogram', [Change::ofPart($part->uid, Fate::Reprogram->value)]),
            'common practice',
            [],
            $part->uid,
        );
    }
}
