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

/** Energy that does nothing: standby, and an inverter that is on for its own sake. */
final class IdleShare implements Rule
{
    /** Worth a word from this share of the day's energy on. Chosen: below it, nobody would change a habit. */
    private const WORTH_SAYING = 0.15;

    public function stage(): Stage
    {
        return Stage::Loads;
    }

    public function judge(Sums $sums): array
    {
        $budget = $sums->loads->budget;
        if ($budget->energyWhDay <= 0.0) {
            return [];
        }
        $findings = [];
        $standby = $budget->standbyWhDay();
        if ($standby > self::WORTH_SAYING * $budget->energyWhDay) {
            $findings[] = new Finding('standby-share', Severity::Note, 'Things that are off', sprintf('%.0f %% of the day’s energy goes into things that are off: %.0f Wh.', 100 * $standby / $budget->energyWhDay, $standby), new Remedy('A switch for them saves it'), 'computed', [Figure::given('standby', round($standby), 'Wh', Origin::Computed)]);
        }
        $scenario = $sums->loads->scenario;
        if ($scenario !== null && $scenario->inverterAlwaysOn && $budget->inverter !== null) {
            $saved = $budget->energyWhDay - self::withLoadsOnly($sums, $budget->inverter->idleW);
            if ($saved > self::WORTH_SAYING * $budget->energyWhDay) {
                $findings[] = new Finding('inverter-idle', Severity::Note, 'The inverter runs for itself', sprintf('Switched on only when something needs it, it saves %.0f Wh a day.', $saved), new Remedy('Set it to run with loads only'), 'computed', [Figure::given('saved', round($saved), 'Wh', Origin::Computed), $sums->loads->idleW]);
            }
        }

        return $findings;
    }

    /** The day's Wh if the idle draw fell on the hours with AC loads only. */
    private static function withLoadsOnly(Sums $sums, float $idleW): float
    {
        $loads = $sums->loads;

        return $loads->budget->energyWhDay - $idleW * $loads->budget->hoursWithoutAc();
    }
}
