<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring\Rules;

use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;

/** Something measures the bank's charge, and somebody can cut the bank by hand. */
final class SeenAndCut implements Rule
{
    public function judge(Study $study): array
    {
        if ($study->banks()->planned->bank === null) {
            return [];
        }
        $findings = [];
        if ($study->planned()->of(Family::Monitor) === []) {
            $unattended = $study->system->travel->unattended;
            $findings[] = new Finding('no-monitor', $unattended ? Severity::Fix : Severity::Note, variant: match (true) {
                $unattended => 'unattended',
                $study->banks()->lithium() === null => 'lead',
                default => '',
            });
        }
        if (!$study->circuit()->opensByHand()) {
            $findings[] = new Finding('no-isolator', Severity::Fix);
        }

        return $findings;
    }
}
