<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Part;
use Pebblefell\System\PvArray;

/**
 * The leads of the arrays, positive and negative, from the panels to their regulators: in each flows what the panels behind it drive into a
 * short. A panel limits its own current, so that no fuse opens for it: the lead itself has to bear it.
 */
final readonly class ArrayLeads
{
    /** The edge of a bright cloud, snow beside the sun: so many times the short-circuit current. IEC 62548, NEC 690.8 (from memory). */
    public const BRIGHT = 1.25;

    /**
     * @param list<PvArray> $arrays
     * @param bool          $gauges what they want is named by gauge
     *
     * @return list<CableRun> from the panels on; none where a panel's sheet has gaps, and none of a ring
     */
    public static function of(Graph $graph, array $arrays, bool $gauges): array
    {
        $runs = [];
        foreach ($arrays as $array) {
            if ($array->regulator !== null) {
                $runs = [
                    ...$runs,
                    ...self::side($graph, $array, $array->regulator, 'plus', $gauges),
                    ...self::side($graph, $array, $array->regulator, 'minus', $gauges),
                ];
            }
        }

        return $runs;
    }

    /**
     * @return list<CableRun>
     */
    private static function side(Graph $graph, PvArray $array, Part $regulator, string $pole, bool $gauges): array
    {
        $end = Point::of($regulator->uid, "pv_$pole");
        $panels = $array->panels;
        // Of what is lost on the way nothing is asked: the volts only have to be some.
        $volts = max(1.0, array_sum(array_map(static fn(Part $p): float => (float) $p->data->number('vmp_v'), $array->strings()[0])));
        $runs = [];
        foreach ($graph->reach([$end], Passage::closed())->leads() as $group) {
            $closed = Passage::closed()->avoiding($group);
            [$near, $far] = [$group[0]->from, $group[0]->to];
            [$behindNear, $behindFar] = [$graph->reach([$near], $closed), $graph->reach([$far], $closed)];
            if ($behindNear->has($end) === $behindFar->has($end)) {
                continue;
            }
            [$from, $to, $behind] = $behindFar->has($end) ? [$near, $far, $behindNear] : [$far, $near, $behindFar];
            $own = array_filter($panels, static fn(Part $p): bool => $behind->has(Point::of($p->uid, $pole)));
            $amps = array_map(static fn(Part $p): ?float => $p->data->number('isc_a'), array_values($own));
            if ($amps === [] || in_array(null, $amps, true)) {
                continue;
            }
            $current = self::current(array_sum($amps), count($amps));
            $runs[] = new CableRun($group, $from, $to, $current, $current, $volts, $gauges);
        }

        return $runs;
    }

    /** Returns what flows in a lead in the data sheet's sun. */
    public static function short(CableRun $lead): Figure
    {
        return $lead->lasting->inputs[1];
    }

    private static function current(float $shortA, int $strings): Figure
    {
        return new Figure('short-circuit-bright', self::BRIGHT * $shortA, 'A', 'short-circuit-bright', [
            Figure::given('strings-behind', (float) $strings, ''),
            Figure::given('short-circuit-current', $shortA, 'A', Origin::DataSheet),
            Figure::given('bright', self::BRIGHT, '', Origin::Assumed),
        ], 'iec-62548');
    }
}
