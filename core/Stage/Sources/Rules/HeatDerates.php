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
use Pebblefell\System\Warmth;

/** In a place warmer than its rating holds for, a device gives less than its sheet says. */
final class HeatDerates implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        foreach ($study->planned()->parts as $part) {
            $warmth = $part->kind->isInverter() || $part->kind->isCharger() || $part->is(Family::Breaker) ? Warmth::at(
                $part,
                $study->system->measurements,
            ) : null;
            if ($warmth !== null && $warmth->share() < 1.0) {
                $findings[] = new Finding(
                    'heat-derates',
                    Severity::Note,
                    [
                        'part' => Named::part($part->uid),
                        ...Amount::compared(['warmth' => $warmth->celsius, 'from' => $warmth->fromC()], '°C', 0),
                        'left' => Amount::of(100.0 * $warmth->share(), '%', 0),
                    ],
                    [$warmth->left()],
                    $part->uid,
                );
            }
        }

        return $findings;
    }
}
