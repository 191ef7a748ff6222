<?php

declare(strict_types=1);

namespace Pebblefell\Conductor;

use Pebblefell\Quantity\ConductorSize;

/** Runs of copper one after the other, each of its own size, out and back: from a battery by way of a fuse and a plug to what it feeds. */
final readonly class Way
{
    /**
     * @param non-empty-list<Run> $runs
     */
    private function __construct(private array $runs)
    {
    }

    public static function of(Run $first, Run ...$more): self
    {
        return new self([$first, ...array_values($more)]);
    }

    /** m one way, of all. */
    public function lengthM(): float
    {
        return array_sum(array_map(static fn(Run $r): float => $r->lengthM, $this->runs));
    }

    /** mm² of the thinnest: it grows the warmest. */
    public function thinnestMm2(): float
    {
        return min(array_map(static fn(Run $r): float => $r->size->areaMm2, $this->runs));
    }

    /** Ω of all, out and back, at 20 °C. */
    public function resistanceOhm(): float
    {
        return array_sum(array_map(static fn(Run $r): float => $r->resistanceOhm(), $this->runs));
    }

    /** Volts lost at a current in A. */
    public function dropV(float $currentA): float
    {
        return $currentA * $this->resistanceOhm();
    }

    /** The same way in one size. */
    public function inSize(ConductorSize $size): Run
    {
        return Run::of($size, $this->lengthM());
    }
}
