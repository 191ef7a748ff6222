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
use Pebblefell\Stage\Balance\LastVolts;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Measurement;

/** The volts that were measured last at each battery: strings that lie too far apart are not closed onto one bar. */
final class StringsCloseAlike implements Rule
{
    public function judge(Study $study): array
    {
        $case = $study->banks()->planned;
        if ($case->bank === null || $case->bank->parallel < 2) {
            return [];
        }
        $seen = LastVolts::of($study->system->measurements, $case->parts);
        if ($seen === null) {
            return [];
        }
        $full = array_filter($seen, static fn(Measurement $m): bool => !str_starts_with($m->note, Protocol::Full->mark())) === [];
        $strings = array_chunk(array_map(static fn(Measurement $m): float => $m->value, array_values($seen)), max(1, $case->bank->series));
        $volts = array_map(array_sum(...), $strings);
        $apart = max([0.0, ...$volts]) - min([INF, ...$volts]);
        $allowed = Gate::allowedV($full ? Protocol::Full : Protocol::Check, $case->bank->chemistry(), $case->bank->cells());
        if ($apart <= $allowed) {
            return [];
        }

        return [new Finding(
            'strings-apart',
            Severity::Stop,
            ['apart' => Amount::of($apart, 'V', 2), 'limit' => Amount::of($allowed, 'V', 2)],
            [Figure::given('apart', round($apart, 3), 'V', Origin::Measured), Figure::given('limit', round($allowed, 3), 'V')],
        )];
    }
}
