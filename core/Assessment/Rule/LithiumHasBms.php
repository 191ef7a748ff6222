<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Remedy;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\Sums;

/** Lithium always has a BMS: the last layer, not the daily control. Some builders do without; Pebblefell always asks for one. */
final class LithiumHasBms implements Rule
{
    public function stage(): Stage
    {
        return Stage::Size;
    }

    public function judge(Sums $sums): array
    {
        $findings = [];
        foreach ($sums->banks->planned->parts as $part) {
            if ($part->data->text('chemistry') === 'lfp' && $part->data->flag('bms') !== true) {
                $findings[] = new Finding(
                    'no-bms',
                    $part->data->flag('bms') === false ? Severity::Stop : Severity::Fix,
                    'Lithium without a BMS',
                    $part->name() . ($part->data->flag('bms') === false ? ' has none' : ': none is noted') . '. A charger sees only the two ends: one cell can pass 3.65 V while the pack looks well.',
                    new Remedy('Choose batteries with a BMS, or fit one that sees every cell'),
                    'common practice; schools differ',
                    [],
                    $part->uid,
                );
            }
        }

        return array_slice($findings, 0, 1);
    }
}
