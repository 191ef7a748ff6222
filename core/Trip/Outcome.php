<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

/** Tells what a simulated trip came to. */
final readonly class Outcome
{
    /**
     * @param list<float> $socPct at the start and after every step
     * @param list<float> $celsius of the battery, after every step
     * @param list<float> $volts   at its terminals, in every step
     * @param list<DaySum> $days
     * @param ?float      $emptyAtH hours from the start until something was not served for the first time
     * @param float       $storedWh change of what the bank holds, by its rested volts
     * @param float       $resistanceWh lost in the bank's resistance
     * @param float       $chargeLossWh lost because not every Ah comes out again, and by standing
     * @param float       $wellWh lost between the two wells of a lead bank
     * @param float       $inverterWh lost in the inverter, idle draw in
     * @param float       $acDirectWh that mains carried straight to the outlets; not in the sums of the house bus
     */
    public function __construct(
        public float $stepH,
        public array $socPct,
        public array $celsius,
        public array $volts,
        public array $days,
        public ?float $emptyAtH,
        public float $storedWh,
        public float $resistanceWh,
        public float $chargeLossWh,
        public float $wellWh,
        public float $inverterWh,
        public float $acDirectWh,
    ) {
    }

    /**
     * Sum over the days of one of their figures.
     *
     * @param callable(DaySum): float $of
     */
    public function sum(callable $of): float
    {
        return array_sum(array_map($of, $this->days));
    }

    public function inWh(): float
    {
        return $this->sum(static fn(DaySum $d): float => $d->inWh());
    }

    public function lossesWh(): float
    {
        return $this->resistanceWh + $this->chargeLossWh + $this->wellWh;
    }

    /** In − out − stored − losses, Wh: 0 but for rounding, or energy was made. */
    public function balanceWh(): float
    {
        return $this->inWh() - $this->sum(static fn(DaySum $d): float => $d->servedWh + $d->heaterWh) - $this->storedWh - $this->lossesWh();
    }

    public function lowestSocPct(): float
    {
        return min([100.0, ...$this->socPct]);
    }

    public function daysServed(): int
    {
        return count(array_filter($this->days, static fn(DaySum $d): bool => $d->isServed()));
    }
}
