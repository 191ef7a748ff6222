<?php

declare(strict_types=1);

namespace App\Csv;

use App\Words\TypedText;
use Illuminate\Http\Response;
use Pebblefell\Exception\InvalidValue;

/**
 * Comma-separated values, RFC 4180, UTF-8. A text that a spreadsheet would take for a formula goes out behind an apostrophe and
 * comes in without it.
 */
final class Csv
{
    /**
     * @param list<list<string|float|int|bool|null>> $rows the first one names the columns
     */
    public static function write(array $rows): string
    {
        $stream = fopen('php://temp', 'r+');
        assert($stream !== false);
        foreach ($rows as $row) {
            // What another separator would cut in two is quoted as well: a spreadsheet may read it by that, and find a formula in the rest.
            $cells = array_map(self::cell(...), $row);
            fwrite($stream, implode(',', array_map(
                static fn(string $c): string => preg_match('/[",;\t\r\n]|^\s|\s$/', $c) === 1 ? '"' . str_replace('"', '""', $c) . '"' : $c,
                $cells,
            )) . "\r\n");
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /**
     * @param list<string> $required columns without which nothing can be read
     * @param int          $most     rows that may come; more are refused before any is read
     *
     * @return array{list<array<string, string>>, list<array{path: string, message: string}>} rows by column name, and faults
     */
    public static function read(string $text, array $required, int $most): array
    {
        $text = self::utf8($text);
        $lines = substr_count(rtrim($text), "\n");
        if ($lines > $most) {
            return [[], [['path' => 'file', 'message' => "brings $lines rows; here $most can still come"]]];
        }
        $stream = fopen('php://temp', 'r+');
        assert($stream !== false);
        fwrite($stream, $text);
        rewind($stream);
        $separator = self::separator($text);
        $names = array_map(static fn(?string $n): string => trim((string) $n), fgetcsv($stream, null, $separator, '"', '') ?: []);
        $missing = array_diff($required, $names);
        if ($missing !== []) {
            return [[], [['path' => 'line 1', 'message' => 'the columns ' . implode(', ', $missing) . ' are missing']]];
        }
        [$rows, $faults, $line] = [[], [], 1];
        while (($cells = fgetcsv($stream, null, $separator, '"', '')) !== false) {
            ++$line;
            if ($cells === [null]) {
                continue;
            }
            if (count($cells) > count($names)) {
                $faults[] = ['path' => "line $line", 'message' => 'has more cells than there are columns'];
                continue;
            }
            $row = ['#' => (string) $line];
            foreach ($names as $i => $name) {
                $row[$name] = self::plain((string) ($cells[$i] ?? ''));
            }
            $rows[] = $row;
        }

        return [$rows, $faults];
    }

    /** @return list<string> the names in the first line */
    public static function columns(string $text): array
    {
        $first = strtok(self::utf8($text), "\r\n") ?: '';

        return array_map(static fn(?string $n): string => trim((string) $n), str_getcsv($first, self::separator($first), '"', ''));
    }

    public static function response(string $name, string $csv): Response
    {
        return new Response(
            $csv,
            200,
            ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => "attachment; filename=\"$name.csv\""],
        );
    }

    /**
     * A number in a cell, decimal comma or point; null: the cell is empty or not there.
     *
     * @param array<string, string> $row
     *
     * @throws InvalidValue with the column's name as path
     */
    public static function number(array $row, string $key): ?float
    {
        $text = str_replace([',', '−'], ['.', '-'], trim($row[$key] ?? ''));

        return match (true) {
            $text === '' => null,
            is_numeric($text) && is_finite((float) $text) => (float) $text,
            default => throw InvalidValue::at('/' . $key, 'no-number', ['text' => $text]),
        };
    }

    /** As spreadsheets save it: UTF-8, UTF-16 with its mark or without, Windows-1252. What no table holds is taken out. */
    private static function utf8(string $text): string
    {
        $text = match (true) {
            str_starts_with($text, "\xEF\xBB\xBF") => substr($text, 3),
            str_starts_with($text, "\xFF\xFE") => mb_convert_encoding(substr($text, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($text, "\xFE\xFF") => mb_convert_encoding(substr($text, 2), 'UTF-8', 'UTF-16BE'),
            // Plain letters with nothing between: every second byte is zero.
            preg_match('/^(?:[\x09-\x7E]\x00){4}/', $text) === 1 => mb_convert_encoding($text, 'UTF-8', 'UTF-16LE'),
            preg_match('/^(?:\x00[\x09-\x7E]){4}/', $text) === 1 => mb_convert_encoding($text, 'UTF-8', 'UTF-16BE'),
            !mb_check_encoding($text, 'UTF-8') => mb_convert_encoding($text, 'UTF-8', 'Windows-1252'),
            default => $text,
        };

        return TypedText::clean($text);
    }

    /** Comma, semicolon, or tab as a spreadsheet pastes it: whichever stands oftenest in the first line. */
    public static function separator(string $text): string
    {
        $first = strtok($text, "\r\n") ?: '';
        $count = [',' => substr_count($first, ','), ';' => substr_count($first, ';'), "\t" => substr_count($first, "\t")];

        return (string) array_search(max($count), $count, true);
    }

    private static function cell(string|float|int|bool|null $value): string
    {
        return match (true) {
            $value === null => '',
            is_bool($value) => $value ? 'yes' : 'no',
            is_string($value) => !is_numeric($value) && preg_match('/^[=+\-@\t\r\']/', $value) === 1 ? "'" . $value : $value,
            // As short as it is exact.
            default => (string) json_encode($value),
        };
    }

    private static function plain(string $cell): string
    {
        $cell = trim($cell, ' ');

        return preg_match("/^'[=+\-@\t\r']/", $cell) === 1 ? substr($cell, 1) : $cell;
    }
}
