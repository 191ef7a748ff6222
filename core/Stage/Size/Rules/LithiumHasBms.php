<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size\Rules;

use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;

/** Lithium always has a BMS: the last layer, not the daily control. Some builders do without; Pebblefell always asks for one. */
final class LithiumHasBms implements Rule
{
    public function judge(Study $study): array
    {
        // One of its own sees the bare cells.
        if ($study->planned()->of(Family::Bms) !== []) {
            return [];
        }
        $findings = [];
        foreach ($study->banks()->planned->parts as $part) {
            if ($part->data->text('chemistry') === 'lfp' && $part->data->flag('bms') !== true) {
                $none = $part->data->flag('bms') === false;
                $findings[] = new Finding(
                    'no-bms',
                    $none ? Severity::Stop : Severity::Fix,
                    ['part' => Named::part($part->uid)],
                    [],
                    $part->uid,
                    variant: $none ? '' : 'unknown',
                );
            }
        }

        return array_slice($findings, 0, 1);
    }
}
