<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring\Rules;

use Pebblefell\Conductor\FuseChoice;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;

/** A fuse behind the main one carries what runs through it for an hour and more, and opens before the one above it. */
final class FusesCarry implements Rule
{
    public function judge(Study $study): array
    {
        $circuit = $study->circuit();
        $findings = [];
        foreach ($study->planned()->of(Family::OvercurrentDevice) as $fuse) {
            $rating = $fuse->data->figure('rating_a');
            $lasting = $rating === null || $circuit->isMain($fuse) ? null : $study->cables()->through($fuse);
            if ($rating !== null && $lasting !== null && $rating->value < $lasting->value) {
                $wanted = new Figure(
                    'wanted-of-the-fuse',
                    round(FuseChoice::CONTINUOUS * $lasting->value, 1),
                    'A',
                    'wanted-of-the-fuse',
                    [$lasting],
                    'common-practice',
                );
                $findings[] = new Finding('fuse-too-small', Severity::Fix, [
                    'fuse' => Named::part($fuse->uid), ...Amount::compared(['rating' => $rating->value, 'runs' => $lasting->value], 'A', 0),
                    'wanted' => Amount::of($wanted->value, 'A', 0),
                ], [$rating, $wanted], $fuse->uid);
            }
        }

        return $findings;
    }
}
