<?php

declare(strict_types=1);

namespace Pebblefell\Quantity;

/** When in a day something is on: spans that may wrap or overlap, read as one set. */
final readonly class DayHours
{
    /**
     * @param list<array{float, float}> $stretches sorted, disjoint, start < end, inside 0 to 24
     */
    private function __construct(public array $stretches)
    {
    }

    /**
     * @param list<HourSpan> $spans
     */
    public static function of(array $spans): self
    {
        $all = [];
        foreach ($spans as $span) {
            array_push($all, ...$span->stretches());
        }
        sort($all);
        $merged = [];
        foreach ($all as [$from, $to]) {
            $before = array_pop($merged);
            if ($before !== null && $from <= $before[1]) {
                $merged[] = [$before[0], max($before[1], $to)];
                continue;
            }
            if ($before !== null) {
                $merged[] = $before;
            }
            $merged[] = [$from, $to];
        }

        return new self($merged);
    }

    /** Hours in the set, 0 to 24. */
    public function totalH(): float
    {
        return array_sum(array_map(static fn(array $s): float => $s[1] - $s[0], $this->stretches));
    }

    public function contains(float $hour): bool
    {
        foreach ($this->stretches as [$from, $to]) {
            if ($hour >= $from && $hour < $to) {
                return true;
            }
        }

        return false;
    }
}
