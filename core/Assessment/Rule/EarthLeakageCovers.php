<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Remedy;
use Pebblefell\Finding\Severity;
use Pebblefell\Load\Side;
use Pebblefell\Sizing\Sums;
use Pebblefell\System\PartKind;

/**
 * Once an inverter feeds outlets, the one earth-leakage breaker at the inlet does not see them: one protects the inlet, one what
 * the inverter feeds.
 */
final class EarthLeakageCovers implements Rule
{
    public function stage(): Stage
    {
        return Stage::Survey;
    }

    public function judge(Sums $sums): array
    {
        $graph = $sums->planned;
        $inverter = $graph->inverter();
        $feedsOutlets = array_filter($sums->loads->budget->appliances, static fn($a): bool => $a->side === Side::Ac) !== [];
        if ($inverter === null || !$feedsOutlets) {
            return [];
        }
        $shore = $graph->ofKind(PartKind::ShoreInlet, PartKind::MainsCharger, PartKind::InverterCharger, PartKind::Converter) !== [];
        $wanted = $shore ? 2 : 1;
        $devices = count($graph->ofKind(PartKind::EarthLeakage));
        if ($devices >= $wanted) {
            return [];
        }
        $word = $sums->system->region->earthLeakageWord();

        return [new Finding(
            'earth-leakage-not-covered',
            Severity::Stop,
            "Outlets without their own $word",
            sprintf('%s feeds outlets. %s With a fault at an outlet nobody is protected while it runs from the bank.', $inverter->name(), $devices === 0 ? "No $word is noted." : "The one $word at the inlet does not see them."),
            new Remedy("Fit one for the inlet and one behind the inverter; licensed work under {$sums->system->region->mainsRule()}"),
            'common practice; IEC 61008-1 for the devices (from memory)',
            [Figure::given('fitted', $devices, ''), Figure::given('wanted', $wanted, '')],
            $inverter->uid,
        )];
    }
}
