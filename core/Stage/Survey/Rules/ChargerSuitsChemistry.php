<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Rules;

use Pebblefell\Finding\Change;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\Part;

/** Every charger that stays beside lithium has a lithium profile, and someone switches it on. */
final class ChargerSuitsChemistry implements Rule
{
    public function judge(Study $study): array
    {
        if ($study->lithiumBank() === null) {
            return [];
        }
        $findings = [];
        foreach ($study->planned()->chargers() as $part) {
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
        return new Finding('lead-only-charger', Severity::Stop, ['kind' => Word::of('kinds.' . $part->kind->value), 'part' => Named::part($part->uid)], [], $part->uid, [Change::ofPart($part->uid, Fate::Remove->value)]);
    }

    private function unknown(Part $part): Finding
    {
        return new Finding('charger-profile-unknown', Severity::Fix, ['part' => Named::part($part->uid)], [], $part->uid);
    }

    private function reprogram(Part $part): Finding
    {
        return new Finding('reprogram-charger', Severity::Fix, ['part' => Named::part($part->uid)], [], $part->uid, [Change::ofPart($part->uid, Fate::Reprogram->value)], $part->data->flag('hidden_switch') === true ? 'switch' : '');
    }
}
