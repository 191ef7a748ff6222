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

/** The generator of the plan gives what outlets and chargers want together, with the inverter's help where that is there. */
final class GeneratorCarries implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        $mains = $study->mains();
        $needed = $mains->supports ? $mains->generatorHelped() : $mains->generatorAlone();
        foreach ($study->planned()->of(Family::Generator) as $generator) {
            $gives = $generator->data->figure('continuous_w');
            if ($gives !== null && $gives->value < $needed->value) {
                $findings[] = new Finding(
                    'generator-too-small',
                    Severity::Fix,
                    [
                        'part' => Named::part($generator->uid),
                        ...Amount::compared(['gives' => $gives->value, 'needed' => $needed->value], 'W', 0),
                    ],
                    [$gives, $needed],
                    $generator->uid,
                );
            }
        }

        return $findings;
    }
}
