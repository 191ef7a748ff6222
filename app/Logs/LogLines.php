<?php

declare(strict_types=1);

namespace App\Logs;

use App\Csv\Csv;
use App\Models\LogFile;

/** Lines of a log, read one by one from a place in the file on: CSV, or an object a line (JSON lines). */
final class LogLines
{
    /** No line of a monitor is longer, bytes. Chosen. */
    private const LONGEST = 65_536;

    /** Beyond these no monitor of a vehicle has read: V, A, %, W. Chosen. */
    private const MOST = ['volts' => 1_000.0, 'amps' => 100_000.0, 'charge' => 120.0, 'sun' => 1e6];

    /**
     * @param resource $stream at the beginning of a line
     *
     * @return iterable<array{int, int, ?array{at: string, s: int, volts: ?float, amps: ?float, charge: ?float, sun: ?float}}> place behind
     *     the line, how many lines that were empty stood before it, and what it says; null: it cannot be read
     */
    public static function read($stream, LogFile $log, WallClock $clock): iterable
    {
        $columns = $log->columns ?? [];
        $at = array_flip($log->header);
        $separator = ',';
        if ($log->form === 'csv') {
            $here = (int) ftell($stream);
            rewind($stream);
            $first = (string) fgets($stream);
            $separator = Csv::separator($first);
            fseek($stream, max($here, (int) ftell($stream)));
        }
        $sign = ($columns['out_is_positive'] ?? false) === true ? -1.0 : 1.0;
        $empty = 0;
        while (($line = fgets($stream, self::LONGEST)) !== false) {
            $tooLong = !str_ends_with($line, "\n") && !feof($stream);
            while ($tooLong && ($rest = fgets($stream, self::LONGEST)) !== false && !str_ends_with($rest, "\n")) {
                // The rest of a line that nobody reads.
            }
            $place = (int) ftell($stream);
            $line = trim($line);
            if ($line === '') {
                ++$empty;
                continue;
            }
            if ($tooLong) {
                yield [$place, $empty, null];
                $empty = 0;
                continue;
            }
            $cells = $log->form === 'csv' ? str_getcsv($line, $separator, '"', '') : json_decode($line, true);
            $cell = static function (string $meaning) use ($cells, $columns, $at, $log): mixed {
                $name = $columns[$meaning] ?? '';

                return !is_array($cells) || !is_string($name) || $name === ''
                    ? null
                    : $cells[$log->form === 'csv' ? $at[$name] ?? -1 : $name] ?? null;
            };
            $number = static fn(string $meaning): ?float => self::number($cell($meaning), self::MOST[$meaning]);
            [$volts, $amps, $charge, $sun] = [$number('volts'), $number('amps'), $number('charge'), $number('sun')];
            $when = ($volts ?? $amps ?? $charge ?? $sun) === null ? null : $clock->read($cell('time'));
            yield [$place, $empty, $when === null ? null : [
                'at' => $when[0], 's' => $when[1],
                'volts' => $volts, 'amps' => $amps === null ? null : $sign * $amps, 'charge' => $charge, 'sun' => $sun,
            ]];
            $empty = 0;
        }
    }

    private static function number(mixed $cell, float $most): ?float
    {
        if (is_string($cell)) {
            $cell = str_replace(',', '.', trim($cell, " \u{a0}%VAW"));
        }

        return is_numeric($cell) && is_finite((float) $cell) && abs((float) $cell) <= $most ? (float) $cell : null;
    }
}
