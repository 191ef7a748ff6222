<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring\Rules;

use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;

/** A breaker that has tripped stays open until somebody has looked why. */
final class BreakersStayOpen implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        foreach ($study->planned()->of(Family::Breaker) as $breaker) {
            if ($breaker->data->flag('resets_itself') === true) {
                $findings[] = new Finding(
                    'breaker-resets-itself',
                    Severity::Fix,
                    ['part' => Named::part($breaker->uid)],
                    [],
                    $breaker->uid,
                );
            }
        }

        return $findings;
    }
}
