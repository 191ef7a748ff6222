<?php

declare(strict_types=1);

namespace Pebblefell\Conductor;

/**
 * How a breaker trips: by heat alone, as small DC breakers on a boat or in a van do, or by heat and, from some multiple of its rating on,
 * by a magnet at once.
 *
 * IEC 60898-1 (B, C, D; from memory): 1.13 times the rating holds an hour, 1.45 trips within it, 2.55 within a minute; the magnet holds at
 * 3, 5, 10 times and trips within 0.1 s at 5, 10, 20. On DC the magnet wants up to 1.4 times as much; these are the AC figures. By heat
 * alone: 135 % within half an hour, 200 % within two minutes, 600 % within five seconds, common practice.
 */
enum BreakerCurve: string
{
    case Thermal = 'thermal';
    case B = 'b';
    case C = 'c';
    case D = 'd';

    /** Multiple of the rating that every one of them holds. */
    public function holds(): float
    {
        return $this === self::Thermal ? 1.05 : 1.13;
    }

    /**
     * @return non-empty-list<array{float, float, float}> multiple of the rating, s at least, s at most
     */
    public function gates(): array
    {
        if ($this === self::Thermal) {
            return [[1.35, 60.0, 1800.0], [2.0, 10.0, 120.0], [6.0, 0.7, 5.0]];
        }
        [$from, $to] = match ($this) {
            self::B => [3.0, 5.0],
            self::C => [5.0, 10.0],
            self::D => [10.0, 20.0],
        };
        // By heat the time falls with the square of the current beyond the last gate that the standard names.
        $heat = static fn(float $multiple, float $seconds): float => max(0.1, $seconds * (2.55 / $multiple) ** 2);

        return [
            [1.45, 20.0, 3600.0], [2.55, 1.0, 60.0],
            [0.999 * $from, $heat($from, 1.0), $heat($from, 60.0)], [$from, 0.004, $heat($from, 60.0)],
            [0.999 * $to, 0.004, $heat($to, 60.0)], [$to, 0.004, 0.1],
        ];
    }
}
