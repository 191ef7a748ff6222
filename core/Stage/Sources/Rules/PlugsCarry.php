<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;

/** A plug carries what runs through it for an hour and more: of the bank, of the tow vehicle, or of panels that stand outside. */
final class PlugsCarry implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        foreach ($study->planned()->of(Family::Plug) as $plug) {
            $rated = $plug->data->figure('rating_a');
            $runs = $study->cables()->through($plug);
            if ($rated !== null && $runs !== null && $runs->value > $rated->value) {
                $findings[] = new Finding(
                    'plug-too-small',
                    Severity::Fix,
                    [
                        'part' => Named::part($plug->uid),
                        ...Amount::compared(['rated' => $rated->value, 'runs' => $runs->value], 'A', 0),
                    ],
                    [$rated, $runs],
                    $plug->uid,
                );
            }
        }

        return $findings;
    }
}
