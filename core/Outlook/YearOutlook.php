<?php

declare(strict_types=1);

namespace Pebblefell\Outlook;

use Pebblefell\Study;
use Pebblefell\System\System;

/** A simulated year with the plan, month by month. */
final readonly class YearOutlook
{
    /**
     * @param list<YearMonth> $months twelve
     */
    private function __construct(public array $months)
    {
    }

    /** Null as long as no trip can be set up. */
    public static function of(Study $study): ?self
    {
        $system = $study->system;
        $setup = $study->trip();
        if ($setup === null || $study->loads()->budget->energyWhDay <= 0.0) {
            return null;
        }
        $days = $setup->year(self::travelled($system), $system->travel->drivingHDay, $system->travel->hookUp);
        // Begin in midsummer with a full bank, and run on into the next: the year then begins as the one before it ended.
        $turned = [...array_slice($days, 181), ...array_slice($days, 0, 181)];
        $outcome = $setup->trip->through($turned);
        $byMonth = [];
        foreach ($outcome->days as $day) {
            $byMonth[$day->day->weather->month][] = $day;
        }
        $floor = $setup->trip->store->floors->chargeC;
        $months = [];
        foreach (range(1, 12) as $month) {
            $months[] = YearMonth::of($month, in_array($month, self::travelled($system), true), $byMonth[$month] ?? [], $floor);
        }

        return new self($months);
    }

    /**
     * Share of the travelled days on which everything was served, 0 to 100 %; null where none is travelled.
     */
    public function servedPct(): ?float
    {
        $travelled = array_filter($this->months, static fn(YearMonth $m): bool => $m->travelled);
        $days = array_sum(array_map(static fn(YearMonth $m): int => $m->days, $travelled));

        return $days === 0 ? null : 100.0 * array_sum(array_map(static fn(YearMonth $m): int => $m->daysServed, $travelled)) / $days;
    }

    /**
     * Months on the road; all of them where none is marked.
     *
     * @return list<int>
     */
    public static function travelled(System $system): array
    {
        return $system->travel->months === [] ? range(1, 12) : $system->travel->months;
    }
}
