<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring\Rules;

use Pebblefell\Circuit\CableRun;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Isolating switch, bar, shunt and distribution box are made for what runs through them. */
final class PartsCarry implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        foreach ($study->planned()->of(Family::Switch, Family::Busbar, Family::Monitor, Family::DistributionBox) as $part) {
            $rating = $part->data->figure($part->is(Family::Monitor) ? 'shunt_a' : 'rating_a');
            $current = $rating === null ? null : $this->through($study, $part);
            if ($rating !== null && $current !== null && $current->value > $rating->value) {
                $findings[] = new Finding('part-overloaded', Severity::Fix, [
                    'part' => Named::part($part->uid),
                    ...Amount::compared(['rating' => $rating->value, 'amps' => $current->value], 'A', 0),
                ], [$rating, $current], $part->uid);
            }
        }

        return $findings;
    }

    /** A for an hour and more, or of the worst moment; null where it stands in no circuit, as far as they are drawn. */
    private function through(Study $study, Part $part): ?Figure
    {
        $bank = array_map(static fn(Part $p): string => $p->uid, $study->banks()->planned->parts);
        $runs = array_filter(
            [...$study->cables()->runs()->runs, ...$study->cables()->arrays()],
            static fn(CableRun $r): bool => $part->is(Family::Monitor)
                ? in_array($r->near->uid, $bank, true)
                : $r->far->uid === $part->uid,
        );
        if ($part->is(Family::Monitor) && !$study->planned()->isDrawn($part)) {
            return null;
        }
        if ($runs === []) {
            return $part->is(Family::Monitor) ? null : $study->cables()->through($part);
        }
        $amps = array_sum(array_map(static fn(CableRun $r): float => $r->current()->value, $runs));

        return new Figure(
            'through-it',
            round($amps, 1),
            'A',
            'through-it',
            array_values(array_map(static fn(CableRun $r): Figure => $r->current(), $runs)),
            'first-principles',
        );
    }
}
