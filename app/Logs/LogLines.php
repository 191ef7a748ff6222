<?php

declare(strict_types=1);

namespace App\Logs;

use App\Models\LogFile;
use DateTimeImmutable;
use DateTimeZone;
use Exception;

/** Lines of a log, read one by one from a place in the file on: CSV, or an object a line (JSON lines). */
final class LogLines
{
    /** What the columns are usually called. */
    private const NAMES = [
        'time' => '/time|date|when|zeit|datum|^ts$/i',
        'volts' => '/volt|spannung|(^|[^a-z])u( |_|\(|$)|\[v\]|\(v\)/i',
        'amps' => '/amp|current|strom|(^|[^a-z])i( |_|\(|$)|\[a\]|\(a\)/i',
        'charge' => '/soc|state.of.charge|charge.*%|ladezustand|%/i',
        'sun' => '/solar|pv|sun|panel/i',
    ];

    /**
     * Where nobody has said it: guessed from the names, each column once.
     *
     * @param list<string> $header
     *
     * @return array<string, string> column by meaning
     */
    public static function guess(array $header): array
    {
        $columns = [];
        // What is more telling is taken first: "solar current" is not the battery's.
        foreach (['time', 'charge', 'sun', 'volts', 'amps'] as $meaning) {
            foreach ($header as $name) {
                if (!in_array($name, $columns, true) && preg_match(self::NAMES[$meaning], $name) === 1) {
                    $columns[$meaning] = $name;
                    break;
                }
            }
        }

        return $columns;
    }

    /**
     * @return array{string, list<string>} form and header of a text's beginning; no header: neither form
     */
    public static function header(string $beginning): array
    {
        $line = trim((string) strtok($beginning, "\r\n"), "\u{FEFF} ");
        if (str_starts_with($line, '{')) {
            $object = json_decode($line, true);

            return ['jsonl', is_array($object) ? array_map(strval(...), array_keys($object)) : []];
        }
        $cells = str_getcsv($line, self::separator($line), '"', '');

        return ['csv', count($cells) < 2 ? [] : array_values(array_map(static fn(?string $c): string => trim((string) $c), $cells))];
    }

    /**
     * @param resource $stream at the beginning of a line
     *
     * @return iterable<array{int, ?array{at: string, volts: ?float, amps: ?float, charge: ?float, sun: ?float}}> place behind the line, and what
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
            $separator = self::separator($first);
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

                return !is_array($cells) || !is_string($name) || $name === '' ? null : $cells[$log->form === 'csv' ? $at[$name] ?? -1 : $name] ?? null;
            };
            $when = self::time($cell('time'), $zone);
            $amps = self::number($cell('amps'));
            $row = ['volts' => self::number($cell('volts')), 'amps' => $amps === null ? null : $sign * $amps, 'charge' => self::number($cell('charge')), 'sun' => self::number($cell('sun'))];
            yield [$place, $when === null || array_filter($row, static fn(?float $v): bool => $v !== null) === [] ? null : ['at' => $when, ...$row]];
        }
    }

    private static function separator(string $line): string
    {
        $counts = ['\t' => substr_count($line, "\t"), ';' => substr_count($line, ';'), ',' => substr_count($line, ',')];
        arsort($counts);
        $most = (string) array_key_first($counts);

        return $most === '\t' ? "\t" : $most;
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
