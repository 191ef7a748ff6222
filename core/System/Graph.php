<?php

declare(strict_types=1);

namespace Pebblefell\System;

/** The system in one of its two states: the parts that are there, and what joins them. */
final readonly class Graph
{
    /**
     * @param array<string, Part>      $parts      by uid
     * @param array<string, Conductor> $conductors by uid; both ends are in $parts
     * @param array<string, Signal>    $signals    by uid
     */
    public function __construct(public array $parts, public array $conductors, public array $signals)
    {
    }

    /**
     * @return list<Part>
     */
    public function ofKind(PartKind ...$kinds): array
    {
        return array_values(array_filter($this->parts, static fn(Part $p): bool => in_array($p->kind, $kinds, true)));
    }

    /**
     * @return list<Part> the house bank's batteries
     */
    public function houseBatteries(): array
    {
        return array_values(array_filter($this->ofKind(PartKind::Battery), static fn(Part $p): bool => $p->role === 'house'));
    }

    /**
     * @return list<Part> everything that puts charge into the house bank by itself
     */
    public function chargers(): array
    {
        return array_values(array_filter($this->parts, static fn(Part $p): bool => $p->kind->isCharger()));
    }

    public function inverter(): ?Part
    {
        foreach ($this->parts as $part) {
            if ($part->kind->isInverter()) {
                return $part;
            }
        }

        return null;
    }

    /** Watts of all panels. */
    public function arrayW(): float
    {
        return array_sum(array_map(static fn(Part $p): float => $p->data->known('pmax_w'), $this->ofKind(PartKind::Panel)));
    }

    /**
     * @return list<Conductor> that end on a terminal "p1.plus"
     */
    public function at(string $terminal): array
    {
        return array_values(array_filter($this->conductors, static fn(Conductor $c): bool => $c->from === $terminal || $c->to === $terminal));
    }

    /**
     * Terminals joined by conductors alone, as groups: every terminal of a group is at one potential when no current flows.
     *
     * @return list<list<string>> of "uid.terminal", groups of two and more
     */
    public function joined(): array
    {
        $group = [];
        foreach ($this->conductors as $conductor) {
            $a = $group[$conductor->from] ?? [$conductor->from];
            $b = $group[$conductor->to] ?? [$conductor->to];
            $both = array_values(array_unique([...$a, ...$b]));
            foreach ($both as $terminal) {
                $group[$terminal] = $both;
            }
        }
        $groups = [];
        foreach ($group as $members) {
            sort($members);
            $groups[implode(' ', $members)] = $members;
        }

        return array_values($groups);
    }
}
