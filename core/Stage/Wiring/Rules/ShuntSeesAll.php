<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring\Rules;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** No negative passes the shunt by, or the gauge lies. */
final class ShuntSeesAll implements Rule
{
    public function judge(Study $study): array
    {
        $graph = $study->planned();
        $minus = array_map(static fn(Part $p): Point => Point::of($p->uid, 'minus'), $study->banks()->planned->parts);
        foreach ($graph->of(Family::Monitor) as $monitor) {
            $before = $graph->reach([Point::of($monitor->uid, 'battery_minus')], Passage::closed());
            if (array_filter($minus, $before->has(...)) === []) {
                continue;
            }
            // Other shunts may stand there, bars, and what only leads on; whatever else ends before this one is not counted by it.
            $bypassing = array_values(array_filter($before->points(), static fn(Point $p): bool => !in_array($p, $minus, false)
                && !$graph->parts[$p->uid]->is(Family::Monitor, Family::Busbar)
                && $graph->parts[$p->uid]->kind->kind()->joins() === []));
            if ($bypassing !== []) {
                $uid = $bypassing[0]->uid;

                return [new Finding(
                    'shunt-bypassed',
                    Severity::Fix,
                    ['part' => Named::part($uid)],
                    [Figure::given('negatives-before-the-shunt', count($bypassing), '')],
                    $uid,
                    of: array_map(static fn(Point $p): string => $p->uid, $bypassing),
                )];
            }
        }

        return [];
    }
}
