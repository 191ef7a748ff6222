<?php

declare(strict_types=1);

namespace Pebblefell\Schedule;

/** How long something took: the middle one, and between what half of them lay. */
final readonly class Took
{
    private function __construct(public float $median, public float $low, public float $high, public int $count)
    {
    }

    /**
     * @param non-empty-list<float> $values
     */
    public static function of(array $values): self
    {
        sort($values);

        return new self(self::quantile($values, 0.5), self::quantile($values, 0.25), self::quantile($values, 0.75), count($values));
    }

    /**
     * Between its neighbours in proportion (Hyndman & Fan 1996, type 7, from memory).
     *
     * @param non-empty-list<float> $sorted
     */
    private static function quantile(array $sorted, float $share): float
    {
        $at = $share * (count($sorted) - 1);
        $below = (int) floor($at);

        return $sorted[$below] + ($at - $below) * (($sorted[$below + 1] ?? $sorted[$below]) - $sorted[$below]);
    }
}
