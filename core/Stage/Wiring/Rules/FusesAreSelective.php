<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** Of two fuses in a line the one nearer to the fault opens alone: else a small fault darkens everything. */
final class FusesAreSelective implements Rule
{
    public function judge(Study $study): array
    {
        $findings = $together = [];
        foreach ($study->fusesInLine()->pairs() as ['upstream' => $up, 'downstream' => $down, 'fromA' => $from, 'isLarger' => $isLarger]) {
            [$least, $rating] = [$up->data->figure('rating_a'), $down->data->figure('rating_a')];
            if (!$isLarger && $least !== null && $rating !== null) {
                $findings[] = new Finding('not-selective', Severity::Note, [
                    'fuse' => Named::part($down->uid), 'rating' => Amount::of($rating->value, 'A', 0),
                    'above' => Named::part($up->uid), 'least' => Amount::of($least->value, 'A', 0),
                ], [$rating, Figure::given('fuse-above', $least->value, 'A', Origin::DataSheet)], $down->uid);
            } elseif ($from !== null) {
                $together[$up->uid][$down->uid] = $from;
            }
        }
        // Of the fuses behind one, one question: the first that may take it along, and all that may.
        foreach ($together as $upstream => $downstream) {
            $from = self::rounded(min($downstream));
            $findings[] = new Finding('not-selective', Severity::Note, [
                'upstream' => Named::part((string) $upstream),
                'downstream' => array_map(static fn(int|string $uid): Named => Named::part((string) $uid), array_keys($downstream)),
                'from' => Amount::of($from, 'A', 0),
            ], [Figure::given('both-open-from', $from, 'A', Origin::Computed)], (string) $upstream, variant: 'together');
        }

        return $findings;
    }

    /** To two digits: bands are no sharper. */
    private static function rounded(float $amps): float
    {
        return round($amps, 1 - (int) floor(log10($amps)));
    }
}
