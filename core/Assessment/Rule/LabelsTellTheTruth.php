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
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;

/** A dead switch, or a circuit that is labelled as something else, sends the next person to the wrong place. */
final class LabelsTellTheTruth implements Rule
{
    public function stage(): Stage
    {
        return Stage::Survey;
    }

    public function judge(Sums $sums): array
    {
        $findings = [];
        foreach ($sums->planned->ofKind(PartKind::Switch, PartKind::DistributionBox) as $part) {
            $why = $part->fate === Fate::Relabel ? null : self::why($part);
            if ($why !== null) {
                $findings[] = new Finding(
                    'label-misleads',
                    Severity::Note,
                    'The label misleads',
                    $why . ' Whoever isolates by it, isolates something else.',
                    new Remedy('Relabel it, or take it out', [Change::ofPart($part->uid, Fate::Relabel->value)]),
                    'common practice',
                    [],
                    $part->uid,
                );
            }
        }

        return $findings;
    }

    private static function why(Part $part): ?string
    {
        [$says, $feeds] = [$part->data->text('label_says'), $part->data->text('really_feeds')];

        return match (true) {
            $part->data->flag('dead') === true => $part->name() . ' is disconnected and only there for looks.',
            $says !== null && $feeds !== null && mb_strtolower($says) !== mb_strtolower($feeds) => sprintf('%s says “%s” and feeds “%s”.', $part->name(), $says, $feeds),
            default => null,
        };
    }
}
