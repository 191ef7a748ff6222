<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank\Rules;

use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;

/** A flooded battery gives off hydrogen while it charges: in the living space its box is vented to the outside. */
final class FloodedVentsOutside implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        foreach ($study->planned()->of(Family::Battery) as $part) {
            if ($part->data->text('chemistry') === 'flooded' && $part->data->flag('in_living_space') === true) {
                $findings[] = new Finding('vent-outside', Severity::Fix, ['part' => Named::part($part->uid)], [], $part->uid);
            }
        }

        return $findings;
    }
}
