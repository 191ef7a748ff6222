<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Remedy;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\BankDrawing;
use Pebblefell\Sizing\Sums;

/** Batteries in parallel carry alike, the bank gives the worst moment before the first BMS opens, and its links are drawn. */
final class BankSharesEvenly implements Rule
{
    /** Spread of the currents over their mean that is still called even, %. Common practice: a tenth or two. */
    private const EVEN_PCT = 25.0;

    public function stage(): Stage
    {
        return Stage::Bank;
    }

    public function judge(Sums $sums): array
    {
        $drawing = BankDrawing::asDrawn($sums);
        if ($drawing === null || count($drawing->strings) < 2) {
            return [];
        }
        if ($drawing->problem !== '') {
            return [new Finding('bank-links-missing', Severity::Fix, 'The bank is not joined up', 'Its links as drawn do not make a bank: ' . $drawing->problem . '.', new Remedy('Choose a layout, or draw the missing link in Survey'), 'first principles', [Figure::given('strings', count($drawing->strings), '')])];
        }
        $peak = max(1.0, $sums->loads->budget->peakA());
        $share = $drawing->network->share($peak);
        [$most, $least] = [max([-INF, ...$share->amps]), min([INF, ...$share->amps])];
        $findings = [];
        $spread = $share->spreadPct() ?? 0.0;
        if ($spread > self::EVEN_PCT) {
            $first = (int) array_search($most, $share->amps, true);
            $name = $drawing->network->sources[$first]->id;
            $place = array_search($name, array_map(static fn($p): string => $p->uid, array_merge(...$drawing->strings)), true);
            $findings[] = new Finding('bank-shares-unevenly', Severity::Fix, 'One battery carries more than its share', sprintf('At %.0f A the currents spread by %.0f %%: battery %d gives %.0f A, the least %.0f A. It ages first, and its BMS opens first.', $peak, $spread, (int) $place + 1, $most, $least), new Remedy('Take off across, or give each its own equal leads to posts'), 'nodal analysis of the links; 25 % is common practice', [new Figure('spread', round($spread, 1), '%', '(largest − smallest) ÷ mean'), Figure::given('load', round($peak, 1), 'A', Origin::Computed)]);
        }
        $limit = $drawing->trueLimit(true);
        if ($limit !== null && $peak > $limit->value && $peak <= $limit->inputs[0]->value) {
            $findings[] = new Finding('bank-limit-by-share', Severity::Fix, 'The sum of the limits is not there', sprintf('The worst moment takes %.0f A; the first battery opens at %.0f A of the bank, not at %.0f A.', $peak, $limit->value, $limit->inputs[0]->value), new Remedy('Posts with equal leads give the full sum'), 'nodal analysis of the links', [$limit, Figure::given('worst moment', round($peak, 1), 'A', Origin::Computed)]);
        }

        return $findings;
    }
}
