<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Settings\Rules;

use Pebblefell\Finding\Change;
use Pebblefell\Finding\Finding;
use Pebblefell\Setting\Parameter;
use Pebblefell\Stage\Rule;
use Pebblefell\Stage\Settings\JudgedLadder;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;

/** Every layer acts before the one beyond it: nothing lies behind the BMS, no two get in one another's way, nothing flaps. */
final class LayersKeepApart implements Rule
{
    /** Names what other rules answer, device by device. */
    private const TOLD_ELSEWHERE = ['equalise-on', 'charge-volts-too-high'];

    public function judge(Study $study): array
    {
        $ladder = JudgedLadder::of($study);
        if ($ladder === null) {
            return [];
        }
        $graph = $study->planned();
        $findings = [];
        foreach ($ladder->ladder->findings() as $finding) {
            // A disconnect below the BMS has a key of its own.
            $isDisconnect = $finding->rule === 'never-acts'
                && ($graph->parts[$finding->subject] ?? null)?->is(Family::LowVoltageDisconnect) === true;
            if (!in_array($finding->rule, self::TOLD_ELSEWHERE, true) && !$isDisconnect && isset($graph->parts[$finding->subject])) {
                $findings[] = $this->withRemedy($ladder, $finding);
            }
        }

        return $findings;
    }

    /** The device set as its profile asks, where something else is planned or stands in its sheet. */
    private function withRemedy(JudgedLadder $ladder, Finding $finding): Finding
    {
        $changes = [];
        foreach ($ladder->rungs as $rung) {
            $profile = $rung['row']->profile->number;
            $isItsOwn = $rung['part']->uid === $finding->subject
                && $rung['row']->noted() === null
                && $profile !== null
                && abs($profile - $rung['value']) > 0.001;
            if ($isItsOwn && in_array($rung['row']->parameter, self::concerned($finding->rule), true)) {
                $changes[] = Change::ofSetting($finding->subject, $rung['row']->parameter->value, (string) $profile);
            }
        }

        return new Finding(
            $finding->rule,
            $finding->severity,
            $finding->args,
            $finding->figures,
            $finding->subject,
            $changes,
            $finding->variant,
        );
    }

    /**
     * @return list<Parameter>
     */
    private static function concerned(string $rule): array
    {
        return match ($rule) {
            'float-above-absorption', 'rebulk-above-float' => [Parameter::Absorption, Parameter::Float, Parameter::Rebulk],
            'reconnect-below-disconnect' => [Parameter::Cutoff, Parameter::Restart, Parameter::Disconnect, Parameter::Reconnect],
            default => [Parameter::Warning, Parameter::Cutoff, Parameter::Disconnect, Parameter::Absorption],
        };
    }
}
