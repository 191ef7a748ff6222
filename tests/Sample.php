<?php

declare(strict_types=1);

namespace Tests;

use Generator;
use IteratorAggregate;

/**
 * Cases out of many: all of them in `./pebblefell test long`, else in an order that changes by the day, for as long as there is time.
 *
 * The seed is printed where it matters: SAMPLE_SEED makes the same order again.
 *
 * @template T
 *
 * @implements IteratorAggregate<int, T>
 */
final class Sample implements IteratorAggregate
{
    private int $taken = 0;

    /**
     * @param list<T> $cases
     */
    private function __construct(private readonly array $cases, private readonly float $seconds, private readonly int $seed)
    {
    }

    /**
     * @param list<T> $cases
     * @param float   $seconds after which no further case is begun; in `test long` there is no such end
     *
     * @return self<T>
     */
    public static function of(array $cases, float $seconds = 60.0): self
    {
        return new self($cases, $seconds, self::seed());
    }

    /** The seed of the day, or the one that SAMPLE_SEED names. */
    public static function seed(): int
    {
        return (int) (getenv('SAMPLE_SEED') ?: date('Ymd'));
    }

    public static function isLong(): bool
    {
        return getenv('PEBBLEFELL_TEST') === 'long';
    }

    /** So many of a random property's cases: few in `test`, all of them in `test long`. */
    public static function many(int $few, int $all): int
    {
        return self::isLong() ? $all : $few;
    }

    public function getIterator(): Generator
    {
        $order = $this->cases;
        if (!self::isLong()) {
            mt_srand($this->seed);
            shuffle($order);
        }
        $until = microtime(true) + $this->seconds;
        foreach ($order as $case) {
            if (!self::isLong() && microtime(true) > $until) {
                return;
            }
            ++$this->taken;
            yield $case;
        }
    }

    public function told(): string
    {
        return sprintf('%d of %d cases, SAMPLE_SEED=%d.', $this->taken, count($this->cases), $this->seed);
    }
}
