<?php

declare(strict_types=1);

namespace App\Logs;

use App\Csv\Csv;
use App\Models\LogFile;
use DateTimeImmutable;
use DateTimeZone;
use Exception;

/** Lines of a log, read one by one from a place in the file on: CSV, or an object a line (JSON lines). */
final class LogLines
{
    /**
     * @param resource $stream at the beginning of a line
     *
     * @return iterable<array{int, ?array{at: string, volts: ?float, amps: ?float, charge: ?float, sun: ?float}}> place behind the line,
     *     and what
     *     it says; null: it cannot be read
     */
    public static function read($stream, LogFile $log, DateTimeZone $zone): iterable
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
        while (($line = fgets($stream)) !== false) {
            $place = (int) ftell($stream);
            $line = trim($line);
            if ($line === '') {
                continue;
            }
            $cells = $log->form === 'csv' ? str_getcsv($line, $separator, '"', '') : json_decode($line, true);
            $cell = static function (string $meaning) use ($cells, $columns, $at, $log): mixed {
                $name = $columns[$meaning] ?? '';

                return !is_array($cells) || !is_string($name) || $name === ''
                    ? null
                    : $cells[$log->form === 'csv' ? $at[$name] ?? -1 : $name] ?? null;
            };
            $when = self::time($cell('time'), $zone);
            $amps = self::number($cell('amps'));
            $row = [
                'volts' => self::number($cell('volts')), 'amps' => $amps === null ? null : $sign * $amps,
                'charge' => self::number($cell('charge')), 'sun' => self::number($cell('sun')),
            ];
            yield [
                $place,
                $when === null || array_filter($row, static fn(?float $v): bool => $v !== null) === [] ? null : ['at' => $when, ...$row],
            ];
        }
    }

    private static function number(mixed $cell): ?float
    {
        if (is_string($cell)) {
            $cell = str_replace(',', '.', trim($cell, " \u{a0}%VAW"));
        }

        return is_numeric($cell) && is_finite((float) $cell) && abs((float) $cell) < 1e6 ? (float) $cell : null;
    }

    /** "2026-11-26 14:02:00" in local time: as it stands, else by its zone; seconds since 1970 count as such. */
    private static function time(mixed $cell, DateTimeZone $zone): ?string
    {
        $text = trim(is_scalar($cell) ? (string) $cell : '');
        if (preg_match('/^(\d{4}-\d{2}-\d{2})[ T](\d{2}:\d{2})(:\d{2})?$/', $text, $m) === 1) {
            [$y, $mo, $d] = array_map(intval(...), explode('-', $m[1]));

            return checkdate($mo, $d, $y) && $m[2] < '24:00' ? "$m[1] $m[2]" . ($m[3] ?? ':00') : null;
        }
        try {
            $seconds = is_numeric($text) && (float) $text > 1e8 ? (float) $text / ((float) $text > 1e11 ? 1000.0 : 1.0) : null;
            $time = match (true) {
                $seconds !== null => new DateTimeImmutable('@' . (int) $seconds),
                $text === '' || is_numeric($text) => null,
                default => new DateTimeImmutable($text, $zone),
            };
        } catch (Exception) {
            return null;
        }
        $year = (int) $time?->format('Y');

        return $time === null || $year < 2000 || $year > 2100 ? null : $time->setTimezone($zone)->format('Y-m-d H:i:s');
    }
}
