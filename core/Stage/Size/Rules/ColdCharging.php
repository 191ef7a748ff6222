<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\PartKind;

/** LFP is not charged below its limit: something must stop the charge, and something should warm the battery. */
final class ColdCharging implements Rule
{
    public function judge(Study $study): array
    {
        $bank = $study->lithiumBank();
        $sheet = $study->banks()->planned->parts[0]->data ?? null;
        if ($bank === null || $sheet === null) {
            return [];
        }
        $floor = $sheet->figureOrUsual('charge_min_c');
        $coldest = $study->banks()->celsius;
        $warmed = $sheet->orUsual('heater_w') > 0.0 || $study->planned()->ofKind(PartKind::HeatingPad) !== [];
        if ($coldest->value >= $floor->value || $warmed) {
            return [];
        }
        $guarded = $sheet->flag('low_temp_cutoff') === true;
        $months = $study->system->place === null ? 0 : count(array_filter(
            $study->system->travel->months,
            static fn(int $m): bool => $study->system->place->minCOf($m) < $floor->value,
        ));
        return [new Finding(
            'charging-below-freezing',
            $guarded ? Severity::Fix : Severity::Stop,
            ['nights' => $months > 0 ? Word::of('findings.phrases.nights-below', ['floor' => Amount::of($floor->value, '°C'), 'months' => $months]) : Word::of('findings.phrases.down-to', ['coldest' => Amount::of($coldest->value, '°C')])],
            [$coldest, $floor],
            variant: $guarded ? 'guarded' : '',
        )];
    }
}
