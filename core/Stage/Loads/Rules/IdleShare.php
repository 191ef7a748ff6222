<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Loads\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** Energy that does nothing: standby, and an inverter that is on for its own sake. */
final class IdleShare implements Rule
{
    /** Worth a word from this share of the day's energy on. Chosen: below it, nobody would change a habit. */
    private const WORTH_SAYING = 0.15;

    public function judge(Study $study): array
    {
        $budget = $study->loads()->budget;
        if ($budget->energyWhDay <= 0.0) {
            return [];
        }
        $findings = [];
        $standby = $budget->standbyWhDay();
        if ($standby > self::WORTH_SAYING * $budget->energyWhDay) {
            $findings[] = new Finding(
                'standby-share',
                Severity::Note,
                ['share' => Amount::of(100.0 * $standby / $budget->energyWhDay, '%', 0), 'energy' => Amount::of($standby, 'Wh', 0)],
                [Figure::given('standby', round($standby), 'Wh', Origin::Computed)],
            );
        }
        $scenario = $study->loads()->scenario;
        if ($scenario !== null && $scenario->inverterAlwaysOn && $budget->inverter !== null) {
            $saved = $budget->energyWhDay - self::withLoadsOnly($study, $budget->inverter->idleW);
            if ($saved > self::WORTH_SAYING * $budget->energyWhDay) {
                $findings[] = new Finding(
                    'inverter-idle',
                    Severity::Note,
                    ['saved' => Amount::of($saved, 'Wh', 0)],
                    [Figure::given('saved', round($saved), 'Wh', Origin::Computed), $study->loads()->idleW],
                );
            }
        }

        return $findings;
    }

    /** The day's Wh if the idle draw fell on the hours with AC loads only. */
    private static function withLoadsOnly(Study $study, float $idleW): float
    {
        $loads = $study->loads();

        return $loads->budget->energyWhDay - $idleW * $loads->budget->hoursWithoutAc();
    }
}
