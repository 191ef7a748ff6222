<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Change;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Remedy;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\Sums;
use Pebblefell\System\Fate;
use Pebblefell\System\PartKind;

/** A gauge made for lead shows nonsense on lithium. It may stay, but labelled. */
final class OldGaugeLeft implements Rule
{
    public function stage(): Stage
    {
        return Stage::Survey;
    }

    public function judge(Sums $sums): array
    {
        if ($sums->lithiumBank() === null) {
            return [];
        }
        $findings = [];
        foreach ($sums->planned->ofKind(PartKind::Gauge) as $part) {
            if ($part->fate !== Fate::Relabel && $part->fate !== Fate::Add) {
                $findings[] = new Finding(
                    'old-gauge-left',
                    Severity::Fix,
                    'The old gauge will mislead',
                    $part->name() . ' reads lead volts. On lithium’s flat curve it shows full until it is nearly empty, and people believe it.',
                    new Remedy('Leave it, label it, and say so in the pack; or strip it', [Change::ofPart($part->uid, Fate::Relabel->value)]),
                    'common practice; schools differ on stripping it',
                    [],
                    $part->uid,
                );
            }
        }

        return $findings;
    }
}
