<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\BusyTime;
use App\Models\Workshop;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use DateTimeImmutable;
use Pebblefell\Schedule\Calendar;
use stdClass;

/** The workshop's hours as one line: hours since the midnight before some moment, its busy times taken out. */
final readonly class WorkHours
{
    /** So far ahead. Chosen: no vehicle stands longer. */
    private const DAYS = 90;

    public Calendar $calendar;

    /** The busy times leave no hour to work in, and are left out. */
    public bool $isFull;

    private CarbonImmutable $midnight;

    /** @param int $ahead days that are laid out */
    public function __construct(private Workshop $workshop, CarbonInterface $from, int $ahead = self::DAYS)
    {
        $this->midnight = $workshop->local($from)->startOfDay();
        $days = $workshop->work_days ?: [1, 2, 3, 4, 5];
        $open = [];
        $first = new DateTimeImmutable($this->midnight->format('Y-m-d H:i:s'), $this->midnight->getTimezone());
        for ($day = 0; $day < $ahead; ++$day) {
            // Plain dates: a quarter of a year of them is made for each page.
            $date = $first->modify("+$day days");
            if (in_array((int) $date->format('N'), $days, true)) {
                $open[] = [$this->since(self::on($date, $workshop->opens_h)), $this->since(self::on($date, $workshop->closes_h))];
            }
        }
        $busy = array_values(BusyTime::query()->where('to', '>', $this->midnight->utc())
            ->where('from', '<', $this->midnight->addDays($ahead)->utc())
            ->orderBy('from')->limit(500)->toBase()->get(['from', 'to'])
            ->map(fn(stdClass $b): array => [$this->hourOf($b->from), $this->hourOf($b->to)])->all());
        // With all of a quarter busy nothing could be planned, nor drawn: then it is planned as if it were not, and said.
        $this->isFull = $busy !== [] && !Calendar::leavesAny($open, $busy);
        $this->calendar = Calendar::of($open, $this->isFull ? [] : $busy);
    }

    /** A moment as hours on that line. */
    public function hour(CarbonInterface $at): float
    {
        return ($at->getTimestamp() - $this->midnight->getTimestamp()) / 3600.0;
    }

    /** The same of a moment as a row keeps it, without an object of its own: many rows of a page are laid on that line. */
    public function hourOf(string $utc): float
    {
        return ((int) strtotime("$utc UTC") - $this->midnight->getTimestamp()) / 3600.0;
    }

    /**
     * When a vehicle's batteries want a charger, hours on that line; null: they want none.
     *
     * @param array<string, mixed> $row its day plan's columns as they are kept
     *
     * @return ?array{fromH: float, toH: float}
     */
    public function charge(array $row): ?array
    {
        [$from, $to] = [$row['charges_from'] ?? null, $row['charges_to'] ?? null];

        return is_string($from) && is_string($to) ? ['fromH' => $this->hourOf($from), 'toH' => $this->hourOf($to)] : null;
    }

    /** Hours on that line as a moment, by the clock on the workshop's wall. */
    public function moment(float $hour): CarbonImmutable
    {
        return $this->workshop->local($this->midnight->getTimestamp() + $hour * 3600.0);
    }

    private function since(DateTimeImmutable $at): float
    {
        return ($at->getTimestamp() - $this->midnight->getTimestamp()) / 3600.0;
    }

    private static function on(DateTimeImmutable $date, float $hours): DateTimeImmutable
    {
        return $date->setTime((int) floor($hours), (int) round(($hours - floor($hours)) * 60.0));
    }
}
