<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank\Rules;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\HouseBank;
use Pebblefell\System\Part;

/**
 * Batteries that are joined are of one chemistry, volts, make, model and age, make the system's volts, and are no more than their maker
 * allows.
 */
final class LikeWithLike implements Rule
{
    public function judge(Study $study): array
    {
        $case = $study->banks()->planned;
        $unlike = $this->unlike($case->parts);
        if ($case->problem !== null) {
            $clash = $unlike?->severity === Severity::Stop ? $unlike : null;

            return [$clash ?? new Finding(
                'bank-voltage',
                Severity::Stop,
                ['problem' => $case->problem],
                [Figure::given('batteries', count($case->parts), '')],
            )];
        }

        return array_values(array_filter([$unlike, $this->tooMany($case, 'series'), $this->tooMany($case, 'parallel')]));
    }

    /**
     * @param list<Part> $parts
     */
    private function unlike(array $parts): ?Finding
    {
        $differ = static fn(callable $of): bool => count(array_unique(array_map($of, $parts))) > 1;
        $ages = array_map(static fn(Part $p): float => $p->data->orUsual('age_years'), $parts);
        $apart = $ages === [] ? 0.0 : max($ages) - min($ages);
        $lithium = $parts !== [] && $parts[0]->data->chemistry()->isLithium();
        [$severity, $what] = match (true) {
            $differ(static fn(Part $p): string => $p->data->chemistry()->value) => [Severity::Stop, 'chemistry'],
            $differ(static fn(Part $p): string => (string) $p->data->number('nominal_v')) => [Severity::Stop, 'volts'],
            $differ(static fn(Part $p): string => $p->make . '|'
                . $p->model), $differ(static fn(Part $p): string => (string) $p->data->number('capacity_ah')) => [Severity::Fix, 'model'],
            $apart <= Chemistry::SAME_AGE_YEARS => [Severity::Note, ''],
            $lithium && $apart <= $parts[0]->data->chemistry()->joinsWithinYears() => [Severity::Note, 'joined'],
            default => [Severity::Fix, 'age'],
        };

        return $what === '' ? null : new Finding(
            'unlike-batteries',
            $severity,
            ['apart' => Amount::of($apart, 'years', 1)],
            [Figure::given('batteries', count($parts), '')],
            variant: $what,
        );
    }

    /**
     * @param string $way series or parallel
     */
    private function tooMany(HouseBank $case, string $way): ?Finding
    {
        $first = $case->parts[0] ?? null;
        $most = $first?->data->figure("max_$way");
        $count = $case->bank === null ? 0 : ($way === 'series' ? $case->bank->series : $case->bank->parallel);
        if ($first === null || $most === null || $count <= $most->value) {
            return null;
        }

        return new Finding(
            "too-many-in-$way",
            Severity::Stop,
            ['part' => Named::part($first->uid), 'count' => $count, 'most' => Amount::of($most->value, '', 0)],
            [Figure::given("blocks-in-$way", $count, ''), $most],
            $first->uid,
        );
    }
}
