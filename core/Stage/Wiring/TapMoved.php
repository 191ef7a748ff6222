<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Finding\Change;
use Pebblefell\Study;
use Pebblefell\System\Change\Lead;
use Pebblefell\System\Change\Names;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;

/**
 * A regulator's tap led to the battery's side of whatever is opened: behind a fuse of its own, straight behind the main fuse or at the
 * battery.
 */
final class TapMoved
{
    /**
     * @return list<Change> none where it hangs by more than one lead, or the bank is not joined
     */
    public static function changes(Study $study, Part $regulator): array
    {
        $graph = $study->planned();
        $leads = $graph->at(Point::of($regulator->uid, 'battery_plus'));
        $tap = self::tap($study);
        if ($tap === null || count($leads) !== 1) {
            return [];
        }
        $far = $leads[0]->otherEnd(Point::of($regulator->uid, 'battery_plus'));
        $next = $graph->parts[$far->uid];
        if ($next->is(Family::Fuse)) {
            $other = Point::of($next->uid, $far->terminal === 'in' ? 'out' : 'in');
            $feeds = $graph->at($other);

            // It has a fuse of its own: what feeds that is led to the battery's side.
            return count($feeds) === 1 ? [self::led($study, $feeds[0], $feeds[0]->otherEnd($other), $tap)] : [];
        }
        $names = new Names();
        [$fuse, $feed] = [$names->next(), $names->next()];
        $main = $study->circuit()->mainFuses()[0] ?? null;

        return [
            ...Rated::changes(
                $study,
                [[
                    'uid' => $fuse,
                    'kind' => PartKind::Fuse,
                    'as' => null,
                    'leastA' => $study->supply()->amps($regulator),
                    'piece' => $regulator->uid,
                ]],
                [[
                    'uid' => $feed,
                    'from' => $tap,
                    'to' => Point::of($fuse, 'in'),
                    'behind' => $main?->is(Family::Fuse) === true ? $main->uid : null,
                    'piece' => $regulator->uid,
                ]],
            ),
            self::led($study, $leads[0], $far, Point::of($fuse, 'out')),
        ];
    }

    /** Behind the main fuse, which stays; at the battery where the first thing behind it opens by hand. */
    private static function tap(Study $study): ?Point
    {
        $circuit = $study->circuit();
        foreach ($circuit->mainFuses() as $fuse) {
            if ($fuse->is(Family::Fuse)) {
                return $circuit->ends($fuse)[1] ?? null;
            }
        }
        $drawing = $study->drawing();

        return $drawing === null || $drawing->problem !== null ? null : Point::read(str_replace('+', '.plus', $drawing->positive));
    }

    private static function led(Study $study, Conductor $conductor, Point $end, Point $to): Change
    {
        return Lead::end($study->system, $study->system->conductors[$conductor->uid], $conductor->from->is($end) ? 'from' : 'to', $to);
    }
}
