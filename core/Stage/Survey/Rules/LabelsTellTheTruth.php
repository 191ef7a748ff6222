<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Rules;

use Pebblefell\Finding\Change;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** A dead switch, or a circuit that is labelled as something else, sends the next person to the wrong place. */
final class LabelsTellTheTruth implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        foreach ($study->system->parts as $part) {
            if ($part->is(Family::Switch, Family::DistributionBox) && $part->fate !== Fate::Remove && $part->fate !== Fate::Relabel) {
                $findings[] = $this->misleads($part);
            }
        }

        return array_values(array_filter($findings));
    }

    private function misleads(Part $part): ?Finding
    {
        [$says, $feeds] = [$part->data->text('label_says'), $part->data->text('really_feeds')];
        $dead = $part->data->flag('dead') === true;
        $wrong = $says !== null && $feeds !== null && mb_strtolower($says) !== mb_strtolower($feeds);
        if (!$dead && !$wrong) {
            return null;
        }

        return new Finding(
            'label-misleads',
            Severity::Note,
            ['part' => Named::part($part->uid), 'says' => $says ?? '', 'feeds' => $feeds ?? ''],
            [],
            $part->uid,
            [Change::ofPart($part->uid, Fate::Relabel->value)],
            $dead ? 'dead' : '',
        );
    }
}
