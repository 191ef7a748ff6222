<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\Conductor\Run;
use Pebblefell\Conductor\Way;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;

/** The lead that ends at a terminal, as far as it is noted: by way of fuses, switches and plugs from where it comes. */
final class DrawnLead
{
    /**
     * All its pieces that have length and size.
     *
     * @param list<Point> $ends where it may come from; of several that are joined the nearest. Where none is, what ends at the terminal
     *
     * @return ?Way null while no piece has both
     */
    public static function at(Graph $graph, Point $terminal, array $ends): ?Way
    {
        $reach = $graph->reach([$terminal], Passage::closed());
        $ways = array_map($reach->along(...), array_values(array_filter($ends, $reach->has(...))));
        usort($ways, static fn(array $a, array $b): int => count($a) <=> count($b));
        $runs = [];
        foreach ($ways[0] ?? $graph->at($terminal) as $conductor) {
            $beside = self::beside($graph, $conductor);
            if ($beside !== []) {
                // Of one group each leads here: it counts once.
                $runs[$beside[0]->uid] = Run::of(
                    ConductorSize::ofArea(array_sum(array_map(static fn(Conductor $c): float => (float) $c->sizeMm2, $beside))),
                    max(array_map(static fn(Conductor $c): float => (float) $c->lengthM, $beside)),
                );
            }
        }
        $runs = array_values($runs);

        return $runs === [] ? null : Way::of(...$runs);
    }

    /**
     * A conductor with those side by side with it, as far as they are measured.
     *
     * @return list<Conductor> together they are as thick as all
     */
    private static function beside(Graph $graph, Conductor $conductor): array
    {
        return array_values(array_filter(
            $graph->at($conductor->from),
            static fn(Conductor $c): bool => $c->sizeMm2 !== null && $c->lengthM !== null && $c->lengthM > 0.0
                && (string) $c->otherEnd($conductor->from) === (string) $conductor->to,
        ));
    }
}
