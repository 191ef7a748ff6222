<?php

declare(strict_types=1);

namespace App\Csv;

use App\Models\LogColumns;
use DateTimeImmutable;
use Exception;
use Pebblefell\Exception\InvalidValue;

/**
 * A battery monitor's log: finds in it the three readings of a trial stay. The columns are named by the person, else as they were for the
 * last log with the same first line, else guessed from their names.
 */
final class MonitorCsv
{
    /**
     * @return array<string, string> query of the trial page: arrive_h, arrive_pct, morning_h, morning_pct, afternoon_pct
     *
     * @throws InvalidValue at /time_column, /charge_column or /file
     */
    public static function readings(string $text, string $timeColumn, string $chargeColumn): array
    {
        $names = Csv::columns($text);
        $known = [...LogColumns::guess($names), ...LogColumns::remembered($names) ?? []];
        $time = self::column($names, $timeColumn, $known['time'] ?? null, '/time_column');
        $charge = self::column($names, $chargeColumn, $known['charge'] ?? null, '/charge_column');
        [$rows, $faults] = Csv::read($text, [$time, $charge], (int) config('pebblefell.most_rows.readings'));
        if ($faults !== []) {
            throw InvalidValue::at('/file', 'as-said', ['text' => $faults[0]['path'] . ': ' . $faults[0]['message']]);
        }
        $series = array_map(static fn(array $row): array => self::reading($row, $time, $charge), $rows);
        usort($series, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $stay = self::stay($series);
        LogColumns::remember($names, ['time' => $time, 'charge' => $charge]);

        return $stay;
    }

    /** @param list<string> $names */
    private static function column(array $names, string $chosen, mixed $known, string $path): string
    {
        if ($chosen !== '') {
            return in_array($chosen, $names, true) ? $chosen : throw InvalidValue::at(
                $path,
                'no-column',
                ['text' => $chosen, 'names' => implode(', ', $names)],
            );
        }

        return is_string($known) ? $known : throw InvalidValue::at(
            $path,
            'which-column',
            ['names' => implode(', ', $names)],
        );
    }

    /**
     * @param array<string, string> $row
     *
     * @return array{DateTimeImmutable, float}
     */
    private static function reading(array $row, string $time, string $charge): array
    {
        $percent = str_replace([',', '%', ' '], ['.', '', ''], $row[$charge]);
        if (!is_numeric($percent) || $percent < 0 || $percent > 100) {
            throw InvalidValue::at('/file', 'no-charge', ['line' => $row['#'], 'text' => $row[$charge]]);
        }
        try {
            return [new DateTimeImmutable($row[$time]), (float) $percent];
        } catch (Exception) {
            throw InvalidValue::at('/file', 'no-time', ['line' => $row['#'], 'text' => $row[$time]]);
        }
    }

    /**
     * Arrival is the first reading; the morning the lowest between 4 and 10 o'clock next day; the afternoon the highest between 12 and 18.
     *
     * @param list<array{DateTimeImmutable, float}> $series in order of time
     *
     * @return array<string, string>
     */
    private static function stay(array $series): array
    {
        [$arrived, $arrivePct] = $series[0] ?? throw InvalidValue::at('/file', 'log-empty');
        $day = $arrived->modify('+1 day')->format('Y-m-d');
        $between = static fn(int $from, int $to): array => array_values(array_filter(
            $series,
            static fn(array $r): bool => $r[0]->format('Y-m-d') === $day
                && (int) $r[0]->format('G') >= $from
                && (int) $r[0]->format('G') < $to,
        ));
        [$mornings, $afternoons] = [$between(4, 10), $between(12, 18)];
        if ($mornings === [] || $afternoons === []) {
            throw InvalidValue::at('/file', 'log-short', ['day' => $day]);
        }
        usort($mornings, static fn(array $a, array $b): int => $a[1] <=> $b[1]);
        [$morning, $morningPct] = $mornings[0];
        $hour = static fn(DateTimeImmutable $t): string => (string) round((int) $t->format('G') + (int) $t->format('i') / 60, 2);

        return [
            'arrive_h' => $hour($arrived),
            'arrive_pct' => (string) $arrivePct,
            'morning_h' => $hour($morning),
            'morning_pct' => (string) $morningPct,
            'afternoon_pct' => (string) max(array_column($afternoons, 1)),
            'error_pct' => '2',
        ];
    }
}
