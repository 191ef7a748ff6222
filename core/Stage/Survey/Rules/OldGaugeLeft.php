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

/** A gauge made for lead shows nonsense on lithium. It may stay, but labelled. */
final class OldGaugeLeft implements Rule
{
    public function judge(Study $study): array
    {
        if ($study->banks()->lithium() === null) {
            return [];
        }
        $findings = [];
        foreach ($study->planned()->of(Family::Gauge) as $part) {
            if ($part->fate !== Fate::Relabel && $part->fate !== Fate::Add) {
                $findings[] = new Finding(
                    'old-gauge-left',
                    Severity::Fix,
                    ['part' => Named::part($part->uid)],
                    [],
                    $part->uid,
                    [Change::ofPart($part->uid, Fate::Relabel->value)],
                );
            }
        }

        return $findings;
    }
}
