<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\Conductor\Run;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Point;

/** The lead that ends at a terminal, as far as it is noted. */
final class DrawnLead
{
    /** All its pieces one after the other, at the thinnest; null while no piece has length and size. */
    public static function at(Graph $graph, Point $terminal): ?Run
    {
        $metres = 0.0;
        $mm2 = INF;
        foreach ($graph->at($terminal) as $lead) {
            if ($lead->sizeMm2 !== null && $lead->lengthM !== null && $lead->lengthM > 0.0) {
                [$metres, $mm2] = [$metres + $lead->lengthM, min($mm2, $lead->sizeMm2)];
            }
        }

        return $metres > 0.0 ? Run::of(ConductorSize::ofArea($mm2), $metres) : null;
    }
}
