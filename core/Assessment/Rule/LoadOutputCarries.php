<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\Sums;
use Pebblefell\System\PartKind;

/** A regulator's load output has a small limit of its own; whatever hangs on it must stay below. */
final class LoadOutputCarries implements Rule
{
    public function stage(): Stage
    {
        return Stage::Survey;
    }

    public function judge(Sums $sums): array
    {
        $graph = $sums->planned;
        foreach ($graph->ofKind(PartKind::Regulator) as $regulator) {
            $limit = $regulator->data->figure('load_output_a');
            foreach ($graph->joined() as $group) {
                if ($limit === null || !in_array($regulator->uid . '.load_plus', $group, true)) {
                    continue;
                }
                foreach ($graph->ofKind(PartKind::DistributionBox, PartKind::Inverter) as $fed) {
                    $amps = $fed->kind === PartKind::Inverter
                        ? new Figure('fed', $fed->data->known('continuous_w') / $sums->system->vehicle->systemV, 'A', 'watts ÷ system volts')
                        : $fed->data->figureOrUsual('rating_a');
                    $isFed = in_array($fed->uid . '.supply_plus', $group, true) || in_array($fed->uid . '.battery_plus', $group, true);
                    if ($isFed && $amps->value > $limit->value) {
                        return [new Finding(
                            'load-output-overloaded',
                            Severity::Fix,
                            ['regulator' => Named::part($regulator->uid), 'limit' => Amount::of($limit->value, 'A', 0), 'fed' => Named::part($fed->uid), 'amps' => Amount::of($amps->value, 'A', 0)],
                            [$limit, $amps],
                            $regulator->uid,
                        )];
                    }
                }
            }
        }

        return [];
    }
}
