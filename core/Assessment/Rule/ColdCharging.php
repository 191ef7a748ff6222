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
use Pebblefell\Sizing\Sums;
use Pebblefell\System\PartKind;

/** LFP is not charged below its limit: something must stop the charge, and something should warm the battery. */
final class ColdCharging implements Rule
{
    public function stage(): Stage
    {
        return Stage::Size;
    }

    public function judge(Sums $sums): array
    {
        $bank = $sums->lithiumBank();
        $sheet = $sums->banks->planned->parts[0]->data ?? null;
        if ($bank === null || $sheet === null) {
            return [];
        }
        $floor = $sheet->figure('charge_min_c') ?? Figure::given('charge not below', $bank->chemistry()->chargeFloorC(), '°C', Origin::Assumed);
        $coldest = $sums->banks->celsius;
        $warmed = ($sheet->number('heater_w') ?? 0.0) > 0.0 || $sums->planned->ofKind(PartKind::HeatingPad) !== [];
        if ($coldest->value >= $floor->value || $warmed) {
            return [];
        }
        $guarded = $sheet->flag('low_temp_cutoff') === true;
        $months = $sums->system->place === null ? 0 : count(array_filter(
            $sums->system->travel->months,
            static fn(int $m): bool => $sums->system->place->minCOf($m) < $floor->value,
        ));
        $nights = $months > 0 ? sprintf('Nights below %g °C in %d travelled month%s', $floor->value, $months, $months === 1 ? '' : 's') : sprintf('Down to %g °C', $coldest->value);

        return [new Finding(
            'charging-below-freezing',
            $guarded ? Severity::Fix : Severity::Stop,
            $guarded ? 'Cold mornings block the charge' : 'Charging below freezing',
            $nights . ', and sun on the roof by morning. ' . ($guarded
                ? 'The battery refuses the charge until it is warm; it has no heater.'
                : 'No cut-off is noted for this battery: charged frozen, it plates lithium and is ruined, or worse.'),
            new Remedy($guarded ? 'Add a heating pad with thermostat, or move the bank into the warm' : 'Choose a battery with a low-temperature cut-off; test that it works'),
            'data sheet; common practice',
            [$coldest, $floor],
        )];
    }
}
