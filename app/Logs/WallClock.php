<?php

declare(strict_types=1);

namespace App\Logs;

use DateTimeImmutable;
use DateTimeZone;
use Exception;

/**
 * Reads moments as monitors write them: by the clock on a wall, by their zone, or in seconds since 1970.
 *
 * On the day on which the clock is put back an hour is there twice, and on the other one hour is not there at all: what is read is told
 * apart by what was read before it.
 */
final class WallClock
{
    /** "2026-11-26 14:02:00", and the same without seconds. */
    private const PLAIN = '/^(\d{4}-\d{2}-\d{2})[ T]([01]\d|2[0-3]):([0-5]\d)(?::([0-5]\d))?$/D';

    /** Matches what is taken for a moment: it holds a date in figures, and no 24th hour. */
    private const DATED = '~^(?!.*[ T]24:).*\d{1,4}[-./]\d{1,2}[-./]\d{1,4}~';

    /** Years in which somebody had a monitor. Chosen. */
    private const FROM = 2000;
    private const TO = 2100;

    /** @var array<string, array{int, ?int, int, int}|false> midnight in UTC's terms, the offset if it is one all day, those about it */
    private array $days = [];

    /** The log goes on in time; the newest may stand first. */
    private bool $rises = true;

    /** @param ?int $last second that was read before; null: nothing was */
    public function __construct(private readonly DateTimeZone $zone, private ?int $last = null)
    {
    }

    /**
     * Returns the moment on the wall and its second since 1970.
     *
     * @return ?array{string, int} null: it is none
     */
    public function read(mixed $cell): ?array
    {
        $text = trim(is_scalar($cell) ? (string) $cell : '');
        if (preg_match(self::PLAIN, $text, $m) === 1) {
            $second = $this->second($m[1], 3600 * (int) $m[2] + 60 * (int) $m[3] + (int) ($m[4] ?? 0));
            $wall = "$m[1] $m[2]:$m[3]:" . ($m[4] ?? '00');
        } else {
            $time = $this->other($text);
            $second = $time?->getTimestamp();
            $wall = $time?->setTimezone($this->zone)->format('Y-m-d H:i:s') ?? '';
        }
        $year = (int) $wall;
        if ($second === null || $year < self::FROM || $year > self::TO) {
            return null;
        }
        if ($this->last !== null && $second !== $this->last) {
            $this->rises = $second > $this->last;
        }
        $this->last = $second;

        return [$wall, $second];
    }

    private function other(string $text): ?DateTimeImmutable
    {
        try {
            return match (true) {
                is_numeric($text) && (float) $text > 1e8 && (float) $text < 1e14
                    => new DateTimeImmutable('@' . (int) ((float) $text / ((float) $text > 1e11 ? 1000.0 : 1.0))),
                preg_match(self::DATED, $text) === 1 => new DateTimeImmutable($text, $this->zone),
                default => null,
            };
        } catch (Exception) {
            return null;
        }
    }

    private function second(string $date, int $secondOfDay): ?int
    {
        $day = $this->days[$date] ??= $this->day($date);
        if ($day === false) {
            return null;
        }
        [$midnight, $offset, $before, $after] = $day;
        $naive = $midnight + $secondOfDay;
        if ($offset !== null) {
            return $naive - $offset;
        }
        $there = array_values(array_filter(
            [$naive - $before, $naive - $after],
            fn(int $s): bool => $this->offsetAt($s) === $naive - $s,
        ));
        sort($there);
        $last = $this->last;
        if (count($there) === 2 && $last !== null) {
            // The hour that is there twice: on in the way in which the log runs.
            return $this->rises ? ($there[0] >= $last ? $there[0] : $there[1]) : ($there[1] <= $last ? $there[1] : $there[0]);
        }

        // An hour that was left out is what a clock shows that nobody has put forward yet.
        return $there[0] ?? $naive - $before;
    }

    /**
     * @return array{int, ?int, int, int}|false false: there is no such day
     */
    private function day(string $date): array|false
    {
        [$y, $m, $d] = array_map(intval(...), explode('-', $date));
        if (!checkdate($m, $d, $y)) {
            return false;
        }
        $midnight = gmmktime(0, 0, 0, $m, $d, $y);
        assert($midnight !== false);
        $start = (new DateTimeImmutable($date, $this->zone))->getTimestamp();
        [$before, $after] = [$this->offsetAt($start - 1), $this->offsetAt($start + 86_400 + 3_600)];
        [$first, $last] = [$this->offsetAt($start), $this->offsetAt($start + 86_399)];

        return [$midnight, $before === $after && $first === $last ? $before : null, $before, $after];
    }

    private function offsetAt(int $second): int
    {
        return $this->zone->getOffset(new DateTimeImmutable("@$second"));
    }
}
