<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Rules;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Load\Side;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\PartKind;

/**
 * Once an inverter feeds outlets, the one earth-leakage breaker at the inlet does not see them: one protects the inlet, one what
 * the inverter feeds.
 */
final class EarthLeakageCovers implements Rule
{
    public function judge(Study $study): array
    {
        $graph = $study->planned();
        $inverter = $graph->inverter();
        $feedsOutlets = array_filter($study->loads()->budget->appliances, static fn($a): bool => $a->side === Side::Ac) !== [];
        if ($inverter === null || !$feedsOutlets) {
            return [];
        }
        $shore = $graph->ofKind(PartKind::ShoreInlet, PartKind::MainsCharger, PartKind::InverterCharger, PartKind::Converter) !== [];
        $wanted = $shore ? 2 : 1;
        $devices = count($graph->ofKind(PartKind::EarthLeakage));
        if ($devices >= $wanted) {
            return [];
        }

        return [new Finding(
            'earth-leakage-not-covered',
            Severity::Stop,
            ['device' => Word::of('regions.' . $study->system->region->value . '.earth_leakage'), 'inverter' => Named::part($inverter->uid), 'rule' => Word::of('regions.' . $study->system->region->value . '.mains_rule')],
            [Figure::given('fitted', $devices, ''), Figure::given('wanted', $wanted, '')],
            $inverter->uid,
            variant: $devices === 0 ? 'none' : 'one',
        )];
    }
}
