<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Rules;

use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;

/**
 * Starter and house positives are not joined by conductors, fuses or switches alone: something between them opens when the engine stops.
 */
final class StarterApart implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        foreach ($study->planned()->of(Family::Battery) as $part) {
            if ($part->role === 'starter'
                && $study->banks()->planned->bank !== null
                && $study->circuit()->joins(Point::of($part->uid, 'plus'))) {
                $findings[] = new Finding('starter-joined', Severity::Stop, ['part' => Named::part($part->uid)], [], $part->uid);
            }
        }

        return $findings;
    }
}
