<?php

declare(strict_types=1);

namespace Tests;

use Generator;
use IteratorAggregate;

/**
 * Cases out of many: all of them in `./pebblefell test long` while its minutes last, else in an order that changes by the day, for as long as
 * there is time.
 *
 * The seed is printed by `./pebblefell test`: SAMPLE_SEED makes the same order again. What did not fit into `test long` is written to the
 * file that SAMPLE_UNFIT names.
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
    private function __construct(
        private readonly array $cases,
        private readonly float $seconds,
        private readonly int $seed,
        private readonly string $name,
    ) {
    }

    /**
     * @param list<T> $cases
     * @param float   $seconds after which no further case is begun; in `test long` its own minutes are the end
     * @param string  $name    by which what does not fit is told
     *
     * @return self<T>
     */
    public static function of(array $cases, float $seconds, string $name): self
    {
        return new self($cases, $seconds, self::seed(), $name);
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

    /** So many of a random property's rounds: few in `test`, all of them in `test long`. */
    public static function many(int $few, int $all): int
    {
        return self::isLong() ? $all : $few;
    }

    /**
     * Returns so many of a list, those of the day; in `test long` all of it.
     *
     * @template C
     *
     * @param list<C> $cases
     *
     * @return list<C>
     */
    public static function some(array $cases, int $few): array
    {
        if (self::isLong() || count($cases) <= $few) {
            return $cases;
        }
        mt_srand(self::seed());
        shuffle($cases);

        return array_slice($cases, 0, $few);
    }

    public function getIterator(): Generator
    {
        $order = $this->cases;
        mt_srand($this->seed);
        shuffle($order);
        $until = self::isLong() ? (float) (getenv('SAMPLE_UNTIL') ?: INF) : microtime(true) + $this->seconds;
        foreach ($order as $case) {
            if (microtime(true) > $until) {
                break;
            }
            ++$this->taken;
            yield $case;
        }
        $unfit = getenv('SAMPLE_UNFIT');
        if (self::isLong() && $this->taken < count($this->cases) && is_string($unfit) && $unfit !== '') {
            file_put_contents($unfit, "$this->name: " . $this->told() . "\n", FILE_APPEND);
        }
    }

    public function told(): string
    {
        return sprintf('%d of %d cases, SAMPLE_SEED=%d.', $this->taken, count($this->cases), $this->seed);
    }
}
