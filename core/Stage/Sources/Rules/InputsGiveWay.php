<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources\Rules;

use Pebblefell\Circuit\Supply;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** Inputs of one box may exclude one another: what is shut while another charges is said, so that nobody looks for a fault. */
final class InputsGiveWay implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        $chargers = [];
        foreach ($study->planned()->chargers() as $part) {
            $chargers[$part->uid] = $part;
        }
        foreach (Supply::givingWay($chargers) as $uid => $others) {
            $findings[] = new Finding('input-gives-way', Severity::Note, [
                'part' => Named::part((string) $uid),
                'others' => array_map(static fn(Part $p): Named => Named::part($p->uid), $others),
            ], [], (string) $uid);
        }

        return $findings;
    }
}
