<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Remedy;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\BankDrawing;
use Pebblefell\Sizing\Sums;

/** Where each battery, or string, has its own leads to bars, those leads are of one length and size. */
final class EqualLeads implements Rule
{
    /** By so much the leads of one pole may differ in resistance, %. Chosen: what a tape measure leaves open. */
    private const ALIKE_PCT = 10.0;

    public function stage(): Stage
    {
        return Stage::Bank;
    }

    public function judge(Sums $sums): array
    {
        $findings = [];
        foreach (BankDrawing::leadsToBars($sums) as $pole => $leads) {
            if (count($leads) < 2) {
                continue;
            }
            $ohms = array_map(static fn(array $l): float => BankDrawing::ohm($l['mm2'], $l['m']), $leads);
            $apart = 100.0 * (max([0.0, ...$ohms]) / min([INF, ...$ohms]) - 1.0);
            if ($apart > self::ALIKE_PCT) {
                $words = implode(', ', array_map(static fn(array $l): string => sprintf('%g m of %g mm²', $l['m'], $l['mm2']), $leads));
                $findings[] = new Finding('leads-unequal', Severity::Fix, "The $pole leads are not alike", "The leads to the $pole bar are $words: the battery on the best one works hardest. A bar shares evenly only over equal leads.", new Remedy('Make them all as long as the longest, of one size'), 'common practice', [new Figure('apart', round($apart, 0), '%', 'largest ÷ smallest lead resistance − 1')]);
            }
        }

        return $findings;
    }
}
