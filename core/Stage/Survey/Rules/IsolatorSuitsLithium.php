<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Change;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** A bare relay lets an empty lithium bank draw all that the alternator can give: judged by what it would draw over its loop. */
final class IsolatorSuitsLithium implements Rule
{
    /** Above this share of its rating an alternator that idles in the heat overheats. Common practice. */
    private const SAFE_SHARE = 0.5;

    /** Holds the least to count on, A. Common practice. */
    private const LITTLE_A = 5.0;

    public function judge(Study $study): array
    {
        $findings = [];
        foreach ($study->planned()->of(Family::SplitRelay) as $part) {
            $findings = [...$findings, ...array_filter([$this->bare($study, $part), $this->senses($study, $part)])];
        }

        return $findings;
    }

    private function bare(Study $study, Part $part): ?Finding
    {
        $draw = $study->banks()->lithium() === null || $part->data->text('method') === 'duty_cycled' ? null : $study->relayCurrent($part);
        if ($draw === null) {
            return null;
        }
        $rated = $study->alternatorCurrent();
        $own = $part->data->figure('rating_a');
        $args = [
            'part' => Named::part($part->uid),
            ...Amount::compared(['draw' => $draw->value, 'rated' => $rated->value], 'A', 0),
            'own' => Amount::of($own->value ?? 0.0, 'A', 0),
        ];
        if ($draw->value <= self::SAFE_SHARE * $rated->value && $own !== null && $draw->value > $own->value) {
            return new Finding('relay-overloaded', Severity::Fix, $args, [$draw, $own], $part->uid);
        }
        $tooMuch = $draw->value > self::SAFE_SHARE * $rated->value;

        $severity = $tooMuch ? Severity::Stop : Severity::Fix;
        $remedy = [Change::ofPart($part->uid, Fate::Remove->value)];

        return new Finding('bare-relay-on-lithium', $severity, $args, [$draw, $rated], $part->uid, $remedy, match (true) {
            $tooMuch => '',
            $draw->value < self::LITTLE_A => 'little',
            $part->data->text('method') === 'diode' => 'diode',
            default => 'bearable',
        });
    }

    /** A relay that goes by volts lets go while a variable alternator rests. */
    private function senses(Study $study, Part $part): ?Finding
    {
        $variable = $study->variableAlternator();

        return $variable === null || $part->data->text('method') !== 'volts_sensing' ? null : new Finding(
            'smart-alternator',
            Severity::Fix,
            ['part' => Named::part($part->uid), 'alternator' => Named::part($variable->uid)],
            [],
            $part->uid,
        );
    }
}
