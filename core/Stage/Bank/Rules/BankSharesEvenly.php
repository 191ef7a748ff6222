<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** Batteries in parallel carry alike, the bank gives the worst moment before the first BMS opens, and its links are drawn. */
final class BankSharesEvenly implements Rule
{
    /** Spread of the currents over their mean that is still called even, %. Common practice: a tenth or two. */
    private const EVEN_PCT = 25.0;

    public function judge(Study $study): array
    {
        $drawing = $study->drawing();
        if ($drawing === null || count($drawing->strings) < 2) {
            return [];
        }
        if ($drawing->problem !== null) {
            return [new Finding(
                'bank-links-missing',
                Severity::Fix,
                ['problem' => $drawing->problem],
                [Figure::given('strings', count($drawing->strings), '')],
            )];
        }
        $peak = max(1.0, $study->loads()->budget->peakA());
        $share = $drawing->network->share($peak);
        [$most, $least] = [max([-INF, ...$share->amps]), min([INF, ...$share->amps])];
        $findings = [];
        $spread = $share->spreadPct() ?? 0.0;
        if ($spread > self::EVEN_PCT) {
            $first = (int) array_search($most, $share->amps, true);
            $name = $drawing->network->sources[$first]->id;
            $place = array_search($name, array_map(static fn($p): string => $p->uid, array_merge(...$drawing->strings)), true);
            $findings[] = new Finding(
                'bank-shares-unevenly',
                Severity::Fix,
                [
                    'load' => Amount::of($peak, 'A', 0),
                    'spread' => Amount::of($spread, '%', 0),
                    'battery' => (int) $place + 1,
                    'most' => Amount::of($most, 'A', 0),
                    'least' => Amount::of($least, 'A', 0),
                ],
                [new Figure('spread', round($spread, 1), '%', 'spread'), Figure::given('load', round($peak, 1), 'A', Origin::Computed)],
            );
        }
        $limit = $drawing->trueLimit(true);
        if ($limit !== null && $peak > $limit->value && $peak <= $limit->inputs[0]->value) {
            $findings[] = new Finding(
                'bank-limit-by-share',
                Severity::Fix,
                [
                    ...Amount::compared(['peak' => $peak, 'limit' => $limit->value], 'A', 0),
                    'sum' => Amount::of($limit->inputs[0]->value, 'A', 0),
                ],
                [$limit, Figure::given('worst-moment', round($peak, 1), 'A', Origin::Computed)],
            );
        }

        return $findings;
    }
}
