<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Balance\Rules;

use Pebblefell\Balance\Gate;
use Pebblefell\Balance\Protocol;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** The volts that were measured last at each battery: strings that lie too far apart are not closed onto one bar. */
final class StringsCloseAlike implements Rule
{
    public function judge(Study $study): array
    {
        $case = $study->banks()->planned;
        if ($case->bank === null || $case->bank->parallel < 2) {
            return [];
        }
        $last = [];
        foreach ($study->system->measurements as $m) {
            if ($m->quantity === 'volts' && ($last[$m->partUid]->at ?? '') <= $m->at) {
                $last[$m->partUid] = $m;
            }
        }
        $volts = $days = [];
        $full = true;
        foreach (array_chunk($case->parts, max(1, $case->bank->series)) as $string) {
            $seen = array_filter(array_map(static fn(Part $p) => $last[$p->uid] ?? null, $string));
            if (count($seen) < count($string)) {
                return [];
            }
            $volts[] = array_sum(array_map(static fn($m): float => $m->value, $seen));
            foreach ($seen as $m) {
                $days[substr($m->at, 0, 10)] = true;
                $full = $full && str_starts_with($m->note, 'balanced, full');
            }
        }
        $apart = max([0.0, ...$volts]) - min([INF, ...$volts]);
        $allowed = Gate::allowedV($full ? Protocol::Full : Protocol::Check, $case->bank->chemistry(), $case->bank->cells());
        // Readings of different days are no round.
        if ($apart <= $allowed || count($days) > 1) {
            return [];
        }

        return [new Finding('strings-apart', Severity::Stop, ['apart' => Amount::of($apart, 'V', 2), 'limit' => Amount::of($allowed, 'V', 2)], [Figure::given('apart', round($apart, 3), 'V', Origin::Measured), Figure::given('limit', round($allowed, 3), 'V')])];
    }
}
