<?php

declare(strict_types=1);

namespace App\Words;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\HourSpan;

/** Hours as people write them: "7-9, 18:30-23" or "0-24". */
final class HoursText
{
    /**
     * @return list<array{from_h: float, to_h: float}> empty for an empty text
     *
     * @throws InvalidValue with a message that says how to write it
     */
    public static function parse(string $text): array
    {
        $spans = [];
        foreach (preg_split('/\s*[,;]\s*/', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $piece) {
            if (preg_match(
                '/^(\d{1,2})(?:[:h](\d{2})|\.(\d+))?\s*(?:-|–|to)\s*(\d{1,2})(?:[:h](\d{2})|\.(\d+))?$/',
                $piece,
                $m,
                PREG_UNMATCHED_AS_NULL,
            ) !== 1) {
                throw InvalidValue::at('/hours', 'hours-span', ['text' => $piece]);
            }
            $from = self::hour($m[1], $m[2], $m[3]);
            $to = self::hour($m[4], $m[5] ?? null, $m[6] ?? null);
            if ($from > 24 || $to > 24) {
                throw InvalidValue::at('/hours', 'hours-past-24', ['text' => $piece]);
            }
            $span = HourSpan::of($from, $to);
            $spans[] = ['from_h' => $span->fromH, 'to_h' => $span->toH];
        }

        return $spans;
    }

    /**
     * @param list<array{from_h: float|int, to_h: float|int}> $spans
     */
    public static function write(array $spans): string
    {
        return implode(', ', array_map(
            static fn(array $s): string => self::clock((float) $s['from_h']) . '-' . self::clock((float) $s['to_h']),
            $spans,
        ));
    }

    private static function hour(string $whole, ?string $minutes, ?string $decimals): float
    {
        return (float) $whole + ($minutes !== null ? (int) $minutes / 60 : ($decimals !== null ? (float) "0.$decimals" : 0.0));
    }

    /** "7" or "18:30". */
    public static function clock(float $hour): string
    {
        $minutes = (int) round($hour * 60);

        return $minutes % 60 === 0 ? (string) intdiv($minutes, 60) : sprintf('%d:%02d', intdiv($minutes, 60), $minutes % 60);
    }
}
