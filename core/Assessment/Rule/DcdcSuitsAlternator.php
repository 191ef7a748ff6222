<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Sizing\AlternatorCheck;
use Pebblefell\Sizing\Sums;
use Pebblefell\System\PartKind;

/** The alternator bears the DC-DC charger, on the road and at idle, and the lead to it (tow leads seldom) loses little. */
final class DcdcSuitsAlternator implements Rule
{
    public function stage(): Stage
    {
        return Stage::Sources;
    }

    public function judge(Sums $sums): array
    {
        $findings = [];
        foreach ($sums->planned->ofKind(PartKind::Dcdc) as $charger) {
            $findings = [...$findings, ...(AlternatorCheck::dcdc($sums->system, $sums->planned, $charger)?->findings($charger->uid) ?? [])];
        }

        return $findings;
    }
}
