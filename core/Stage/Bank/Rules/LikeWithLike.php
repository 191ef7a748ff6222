<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank\Rules;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** Batteries that are joined are of one chemistry, make, model and age, and make the system's voltage. */
final class LikeWithLike implements Rule
{
    /** Years apart that still count as one age. Common practice. */
    private const SAME_AGE_YEARS = 0.5;

    public function judge(Study $study): array
    {
        $case = $study->banks()->planned;
        if ($case->problem !== null) {
            return [new Finding('bank-voltage', Severity::Stop, ['problem' => $case->problem], [Figure::given('batteries', count($case->parts), '')])];
        }
        $differ = static fn(callable $of): bool => count(array_unique(array_map($of, $case->parts))) > 1;
        $ages = array_map(static fn(Part $p): float => $p->data->orUsual('age_years'), $case->parts);
        [$severity, $what] = match (true) {
            $differ(static fn(Part $p): string => $p->data->chemistry()->value) => [Severity::Stop, 'chemistry'],
            $differ(static fn(Part $p): string => $p->make . '|' . $p->model), $differ(static fn(Part $p): string => (string) $p->data->number('capacity_ah')) => [Severity::Fix, 'model'],
            $ages !== [] && max($ages) - min($ages) > self::SAME_AGE_YEARS => [Severity::Fix, 'age'],
            default => [Severity::Note, ''],
        };

        return $what === '' ? [] : [new Finding('unlike-batteries', $severity, [], [Figure::given('batteries', count($case->parts), '')], variant: $what)];
    }
}
