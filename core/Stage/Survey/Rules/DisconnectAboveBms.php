<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Change;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\PartKind;

/**
 * A low-voltage disconnect may stay as a layer above the BMS, if it acts first and carries the current; else it goes.
 * Schools differ on whether to keep one at all; both are allowed.
 */
final class DisconnectAboveBms implements Rule
{
    /** BMS cut-off where the data sheet is silent, V a cell. Common practice: 10.8 V on four cells. */
    private const BMS_CELL_V = 2.7;

    public function judge(Study $study): array
    {
        $bank = $study->lithiumBank();
        if ($bank === null) {
            return [];
        }
        $sheet = $study->banks()->planned->parts[0]->data->number('cutoff_v');
        $bms = Figure::given('bms-cut-off', $sheet !== null ? $sheet * $bank->series : $bank->cells() * self::BMS_CELL_V, 'V', $sheet !== null ? Origin::DataSheet : Origin::Assumed);
        $findings = [];
        foreach ($study->planned()->ofKind(PartKind::LowVoltageDisconnect) as $part) {
            $acts = $part->data->figure('disconnect_v');
            $rating = $part->data->known('rating_a');
            $actsFirst = $acts !== null && $acts->value > $bms->value;
            if ($actsFirst && $rating >= $study->loads()->budget->peakA()) {
                continue;
            }
            $findings[] = new Finding(
                'disconnect-below-bms',
                Severity::Fix,
                ['part' => Named::part($part->uid), 'rating' => Amount::of($rating, 'A', 0), 'peak' => Amount::of($study->loads()->budget->peakA(), 'A', 0), 'acts' => $acts === null ? Word::of('findings.phrases.point-not-noted') : Amount::of($acts->value, 'V', 1), 'bms' => Amount::of($bms->value, 'V', 1)],
                array_values(array_filter([$acts, $bms, $study->loads()->peak()])),
                $part->uid,
                [Change::ofPart($part->uid, Fate::Remove->value)],
                $actsFirst ? 'rating' : '',
            );
        }

        return $findings;
    }
}
