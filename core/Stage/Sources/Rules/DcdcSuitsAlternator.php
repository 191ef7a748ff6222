<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources\Rules;

use Pebblefell\Stage\Rule;
use Pebblefell\Stage\Sources\AlternatorCheck;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;

/** The alternator bears the DC-DC charger, on the road and at idle, and the lead to it (tow leads seldom) loses little. */
final class DcdcSuitsAlternator implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        foreach ($study->planned()->of(Family::Dcdc) as $charger) {
            $findings = [
                ...$findings,
                ...(AlternatorCheck::dcdc($study->system, $study->planned(), $charger)?->findings(
                    $charger->uid,
                    $charger->data->flag('dial_down') !== false,
                ) ?? []),
            ];
        }

        return $findings;
    }
}
