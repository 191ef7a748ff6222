<?php

declare(strict_types=1);

namespace Pebblefell\Outlook;

use Pebblefell\Trip\DaySum;

/** One month of a simulated year: Wh on its mean day, and what the cold did. */
final readonly class YearMonth
{
    /**
     * @param int   $month        1 to 12
     * @param float $offeredWh sun that the arrays could have given
     * @param float $clippedWh    of what was not used, the part that the regulators could not pass on
     * @param int   $frostNights  nights on which the battery's charge limit was passed outside
     * @param float $blockedH     hours of the month in which there was charge to be had and the cold forbade it
     * @param float $heaterWh of the whole month
     */
    private function __construct(
        public int $month,
        public bool $travelled,
        public int $days,
        public int $daysServed,
        public float $offeredWh,
        public float $solarWh,
        public float $clippedWh,
        public float $alternatorWh,
        public float $shoreWh,
        public float $askedWh,
        public float $unservedWh,
        public int $frostNights,
        public float $blockedH,
        public float $heaterWh,
    ) {
    }

    /**
     * @param list<DaySum> $days
     */
    public static function of(int $month, bool $travelled, array $days, float $chargeFloorC): self
    {
        $count = max(1, count($days));
        $mean = static fn(callable $of): float => array_sum(array_map($of, $days)) / $count;

        return new self(
            $month,
            $travelled,
            count($days),
            count(array_filter($days, static fn(DaySum $d): bool => $d->isServed())),
            $mean(static fn(DaySum $d): float => $d->solarOfferedWh()),
            $mean(static fn(DaySum $d): float => $d->solarWh),
            $mean(static fn(DaySum $d): float => $d->clippedWh),
            $mean(static fn(DaySum $d): float => $d->alternatorWh),
            $mean(static fn(DaySum $d): float => $d->shoreWh),
            $mean(static fn(DaySum $d): float => $d->servedWh + $d->unservedWh),
            $mean(static fn(DaySum $d): float => $d->unservedWh),
            count(array_filter($days, static fn(DaySum $d): bool => $d->day->weather->minC < $chargeFloorC)),
            $count * $mean(static fn(DaySum $d): float => $d->coldBlockedH),
            $count * $mean(static fn(DaySum $d): float => $d->heaterWh),
        );
    }

    /** The sun's share of what came in, %; null where nothing came. */
    public function sunSharePct(): ?float
    {
        $in = $this->solarWh + $this->alternatorWh + $this->shoreWh;

        return $in > 0.0 ? 100.0 * $this->solarWh / $in : null;
    }

    /** Sun offered and not used, Wh a day. */
    public function wastedWh(): float
    {
        return $this->offeredWh - $this->solarWh;
    }
}
