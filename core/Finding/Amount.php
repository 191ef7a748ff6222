<?php

declare(strict_types=1);

namespace Pebblefell\Finding;

/** A quantity in a finding: how it is written is the reader's locale's and region's business. */
final readonly class Amount
{
    /**
     * @param string $unit     metric; '' for a bare number
     * @param ?int   $decimals at most; null: as many as read well
     */
    private function __construct(public float $value, public string $unit, public ?int $decimals)
    {
    }

    /** Decimals beyond which two that are told apart are still written alike. Chosen. */
    private const MOST_DECIMALS = 3;

    /**
     * Two that are compared in one sentence: with as many decimals more as tell them apart.
     *
     * @param array<string, float> $values by the names that they have in the sentence
     *
     * @return array<string, self>
     */
    public static function compared(array $values, string $unit, int $decimals): array
    {
        $alike = static fn(int $n): bool => count(
            array_unique(array_map(static fn(float $v): string => number_format($v, $n), $values)),
        ) === 1;
        while ($decimals < self::MOST_DECIMALS && $alike($decimals) && !$alike(self::MOST_DECIMALS)) {
            ++$decimals;
        }

        return array_map(static fn(float $v): self => new self($v, $unit, $decimals), $values);
    }

    /**
     * Several that together are more than a limit: with as many decimals more as let their sum show it.
     *
     * @param array<string, float> $parts by the names that they have in the sentence
     * @param array<string, float> $limit one, by its name
     *
     * @return array<string, self>
     */
    public static function exceeding(array $parts, array $limit, string $unit, int $decimals): array
    {
        $sum = static fn(array $values, int $n): float => array_sum(array_map(static fn(float $v): float => round($v, $n), $values));
        while ($decimals < self::MOST_DECIMALS && $sum($parts, $decimals) <= $sum($limit, $decimals) + 1e-9) {
            ++$decimals;
        }

        return array_map(static fn(float $v): self => new self($v, $unit, $decimals), $parts + $limit);
    }

    public static function of(float $value, string $unit = '', ?int $decimals = null): self
    {
        return new self($value, $unit, $decimals);
    }
}
