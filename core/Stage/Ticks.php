<?php

declare(strict_types=1);

namespace Pebblefell\Stage;

/** All that was noted at the steps of one sheet; the last word on each counts. */
final readonly class Ticks
{
    /**
     * @param array<string, NotedTick> $last by step
     */
    private function __construct(private array $last)
    {
    }

    /**
     * @param iterable<NotedTick> $ticks in the order in which they were noted
     */
    public static function of(iterable $ticks): self
    {
        $last = [];
        foreach ($ticks as $tick) {
            $last[$tick->step] = $tick;
        }

        return new self($last);
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** The last word on a step; null as long as it is not done. */
    public function on(string $step): ?NotedTick
    {
        $tick = $this->last[$step] ?? null;

        return $tick?->isDone() === true ? $tick : null;
    }

    /**
     * @return list<NotedTick> that stand
     */
    public function standing(): array
    {
        return array_values(array_filter($this->last, static fn(NotedTick $t): bool => $t->isDone()));
    }
}
