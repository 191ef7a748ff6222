<?php

declare(strict_types=1);

namespace Pebblefell\System;

/** Tells what the plan changes: read off the fates, it is the root of strip list, shopping list and run sheet. */
final readonly class Difference
{
    /**
     * @param array<string, list<Part>> $byFate parts by Fate value
     */
    private function __construct(private array $byFate)
    {
    }

    /**
     * @param iterable<Part> $parts
     */
    public static function of(iterable $parts): self
    {
        $byFate = [];
        foreach ($parts as $part) {
            $byFate[$part->fate->value][] = $part;
        }

        return new self($byFate);
    }

    /**
     * @return list<Part>
     */
    public function parts(Fate $fate): array
    {
        return $this->byFate[$fate->value] ?? [];
    }

    /** Weight that the plan adds (negative: takes off), kg, of parts whose weight is known. */
    public function massKg(): float
    {
        $mass = static fn(array $parts): float => array_sum(array_map(static fn(Part $p): float => $p->data->orUsual('mass_kg'), $parts));

        return $mass($this->parts(Fate::Add)) - $mass($this->parts(Fate::Remove));
    }
}
