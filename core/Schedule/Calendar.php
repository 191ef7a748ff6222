<?php

declare(strict_types=1);

namespace Pebblefell\Schedule;

use Pebblefell\Exception\InvalidValue;

/** When a workshop works: stretches of hours on one line of time. Work is split over what lies between, waiting runs on. */
final readonly class Calendar
{
    private const HAIR_H = 1e-9;

    /**
     * @param list<array{float, float}> $open stretches from, to, h; in order, apart
     */
    private function __construct(public array $open)
    {
    }

    /**
     * @param list<array{float, float}> $open from, to, h
     * @param list<array{float, float}> $busy taken out of them
     *
     * @throws InvalidValue where nothing is left
     */
    public static function of(array $open, array $busy = []): self
    {
        $open = self::without($open, $busy);
        if ($open === []) {
            throw InvalidValue::at('/hours', 'no-hours');
        }

        return new self($open);
    }

    /**
     * @param list<array{float, float}> $open
     * @param list<array{float, float}> $busy
     */
    public static function leavesAny(array $open, array $busy): bool
    {
        return self::without($open, $busy) !== [];
    }

    /**
     * @param list<array{float, float}> $open
     * @param list<array{float, float}> $busy
     *
     * @return list<array{float, float}> in order
     */
    private static function without(array $open, array $busy): array
    {
        usort($open, static fn(array $a, array $b): int => $a <=> $b);
        foreach ($busy as [$from, $to]) {
            $left = [];
            foreach ($open as [$a, $b]) {
                array_push($left, ...array_filter(
                    [[$a, min($b, $from)], [max($a, $to), $b]],
                    static fn(array $s): bool => $s[1] - $s[0] > self::HAIR_H,
                ));
            }
            $open = $left;
        }

        return $open;
    }

    /** The next moment at which somebody works, at or after one; the end of all hours where there is none. */
    public function next(float $h): float
    {
        foreach ($this->open as [$from, $to]) {
            if ($h < $to - self::HAIR_H) {
                return max($h, $from);
            }
        }

        return $this->end();
    }

    /** When so many hours of work are done that begin at a moment. */
    public function after(float $h, float $hours): float
    {
        if ($hours <= self::HAIR_H) {
            return $h;
        }
        foreach ($this->open as [$from, $to]) {
            $room = $to - max($h, $from);
            if ($room > self::HAIR_H) {
                if ($hours <= $room + self::HAIR_H) {
                    return max($h, $from) + $hours;
                }
                $hours -= $room;
            }
        }

        // Beyond the hours that are known: as if it went on without a break.
        return $this->end() + $hours;
    }

    private function end(): float
    {
        return $this->open[count($this->open) - 1][1];
    }
}
