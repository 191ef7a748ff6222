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
        $runs = array_map(
            static fn(Conductor $c): Run => Run::of(ConductorSize::ofArea((float) $c->sizeMm2), (float) $c->lengthM),
            array_values(array_filter(
                $ways[0] ?? $graph->at($terminal),
                static fn(Conductor $c): bool => $c->sizeMm2 !== null && $c->lengthM !== null && $c->lengthM > 0.0,
            )),
        );

        return $runs === [] ? null : Way::of(...$runs);
    }
}
