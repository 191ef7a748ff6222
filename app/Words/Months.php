<?php

declare(strict_types=1);

namespace App\Words;

use DateTimeImmutable;

/** Months by name. */
final class Months
{
    /**
     * @return array<int, string> 1 to 12
     */
    public static function names(): array
    {
        return array_combine(range(1, 12), array_map(static fn(int $m): string => self::of($m, 'F'), range(1, 12)));
    }

    /** Three letters, or one where there is no room for more. */
    public static function short(int $month, bool $narrow = false): string
    {
        return $narrow ? substr(self::of($month, 'M'), 0, 1) : self::of($month, 'M');
    }

    private static function of(int $month, string $format): string
    {
        return (new DateTimeImmutable("2026-$month-01"))->format($format);
    }
}
