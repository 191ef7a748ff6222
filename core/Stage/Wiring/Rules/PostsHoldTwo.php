<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Stage\Wiring\PartsList;
use Pebblefell\Study;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;

/**
 * No more than two lugs on one post of a battery. A thin lead, to a sensor or a display, ends in a small eye
 * and is not counted, nor one whose size is not noted.
 */
final class PostsHoldTwo implements Rule
{
    /** Lugs on one post: from the next one on the pressure is shared by too many faces. Common practice. */
    private const MOST = 2;

    public function judge(Study $study): array
    {
        $findings = [];
        $graph = $study->planned();
        foreach ($graph->of(Family::Battery) as $battery) {
            $lugs = max(array_map(static fn(string $pole): int => count(array_filter(
                $graph->at(Point::of($battery->uid, $pole)),
                static fn(Conductor $c): bool => $c->sizeMm2 !== null && $c->sizeMm2 >= PartsList::LUG_FROM_MM2,
            )), ['plus', 'minus']));
            if ($battery->role === 'house' && $lugs > self::MOST) {
                $findings[] = new Finding(
                    'lugs-stacked',
                    Severity::Fix,
                    ['battery' => Named::one($battery->uid), 'count' => Amount::of((float) $lugs, '', 0)],
                    [Figure::given('lugs-on-a-post', (float) $lugs, '')],
                    $battery->uid,
                );
            }
        }

        return $findings;
    }
}
