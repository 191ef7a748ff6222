<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Bank\BankDrawing;
use Pebblefell\Stage\Bank\DrawnLinks;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** Where each battery, or string, has its own leads to bars, those leads are of one length and size. */
final class EqualLeads implements Rule
{
    /** By so much the leads of one pole may differ in resistance, %. Chosen: what a tape measure leaves open. */
    private const ALIKE_PCT = 10.0;

    public function judge(Study $study): array
    {
        $findings = [];
        foreach (DrawnLinks::leadsToBars($study) as $pole => $leads) {
            if (count($leads) < 2) {
                continue;
            }
            $ohms = array_map(static fn(array $l): float => BankDrawing::ohm($l['mm2'], $l['m']), $leads);
            $apart = 100.0 * (max([0.0, ...$ohms]) / min([INF, ...$ohms]) - 1.0);
            if ($apart > self::ALIKE_PCT) {
                $findings[] = new Finding('leads-unequal', Severity::Fix, [
                    'leads' => array_map(
                        static fn(array $l): Word => Word::of(
                            'findings.phrases.lead',
                            ['length' => Amount::of($l['m'], 'm'), 'size' => Amount::of($l['mm2'], 'mm²')],
                        ),
                        $leads,
                    ),
                ], [new Figure('apart', round($apart, 0), '%', 'apart')], variant: $pole);
            }
        }

        return $findings;
    }
}
