<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank;

use Pebblefell\Circuit\CableRun;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Study;

/**
 * The bank's own links, and its batteries' leads to bars, as runs: in each flows what the network of the bank leads through it, when the
 * bank gives or takes its most.
 */
final class LinkRuns
{
    /**
     * @return list<CableRun> as they are drawn; none that is a run of the circuit already, and none while the links have holes
     */
    public static function of(Study $study): array
    {
        $drawing = $study->drawing();
        if ($drawing === null || $drawing->conductors === []) {
            return [];
        }
        $most = max($study->loads()->budget->peakA(), $study->supply()->most()->value);
        $circuit = array_merge([], ...array_map(
            static fn(CableRun $r): array => $r->conductors,
            [...$study->cables()->runs()->runs, ...$study->cables()->returns()],
        ));
        $runs = [];
        foreach ($drawing->network->share($most)->linkA as $k => $amps) {
            foreach ($drawing->conductors[$k] as $by) {
                if (in_array($by, $circuit, true)) {
                    continue;
                }
                $current = new Figure('in-the-link', abs($amps), 'A', 'in-the-link', [
                    Figure::given('most-of-the-bank', $most, 'A', Origin::Computed),
                ], 'nodal');
                $runs[] = new CableRun(
                    [$by],
                    $by->from,
                    $by->to,
                    $current,
                    $current,
                    $study->system->vehicle->systemV,
                    $study->system->region->usesGauges(),
                );
            }
        }

        return $runs;
    }
}
