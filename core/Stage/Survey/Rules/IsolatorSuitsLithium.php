<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Change;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\PartKind;

/** A bare relay lets an empty lithium bank draw all that the alternator can give: judged by what it would draw. */
final class IsolatorSuitsLithium implements Rule
{
    /** Above this share of its rating an alternator that idles in the heat overheats. Common practice. */
    private const SAFE_SHARE = 0.5;

    public function judge(Study $study): array
    {
        $draw = $study->lithiumBank() === null ? null : $study->relayCurrent();
        if ($draw === null) {
            return [];
        }
        $rated = $study->alternatorCurrent();
        $findings = [];
        foreach ($study->planned()->ofKind(PartKind::Isolator) as $part) {
            if ($part->data->text('method') === 'duty_cycled') {
                continue;
            }
            $tooMuch = $draw->value > self::SAFE_SHARE * $rated->value;
            $findings[] = new Finding(
                'bare-relay-on-lithium',
                $tooMuch ? Severity::Stop : Severity::Fix,
                ['draw' => Amount::of($draw->value, 'A', 0), 'rated' => Amount::of($rated->value, 'A', 0)],
                [$draw, $rated],
                $part->uid,
                [Change::ofPart($part->uid, Fate::Remove->value)],
            );
        }

        return $findings;
    }
}
