<?php

declare(strict_types=1);

namespace App\Csv;

use App\Actions\NoteTick;
use App\Actions\Test\NoteCheck;
use App\Models\Job;
use App\Models\Tick as Row;
use App\Models\User;
use App\Record\DayDesk;
use App\Record\Studies;
use App\Words\Lexicon;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use JsonException;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage\NotedTick;
use Pebblefell\Stage\Test\Proof;
use Symfony\Component\Uid\Uuid;
use Throwable;

/**
 * The test sheet of a job as a table, metric, a line each, the ten-minute proof's readings after it; and what an instrument read, as such a
 * table or as JSON lines with the same names: line, value, amps, state, note, at, instrument. Read in whole or not at all; the same reading
 * of the same moment is known again, and kept once.
 */
final class TestCsv
{
    private const COLUMNS = ['line', 'what', 'unit', 'low', 'high', 'value', 'amps', 'state', 'note', 'by', 'at'];

    /** Lines that one file holds. Chosen: more than any sheet has. */
    private const MOST = 2000;

    /** Name space of the ids that are made from a reading (RFC 4122, version 5). */
    private const IDS = '0b6f5c86-6c0b-4b43-8f0e-0c1b7b9f2a71';

    public static function write(Job $job): string
    {
        $study = Studies::of($job);
        $ticks = DayDesk::ticks($job, Row::TEST);
        $say = Lexicon::of($study->system, $job->show());
        $rows = [self::COLUMNS];
        $line = static function (string $key, string $what, string $unit, ?float $low, ?float $high) use (&$rows, $ticks): void {
            $tick = $ticks->on($key);
            $rows[] = [
                $key, $what, $unit, $low, $high, $tick?->value, $tick?->amps, $tick?->state, $tick?->note, $tick?->by,
                $tick === null ? null : gmdate('Y-m-d\TH:i:s\Z', (int) $tick->atS),
            ];
        };
        foreach ($study->testSheet()->checks as $check) {
            $line(
                $check->key,
                $say->word("tests.does.$check->does.title", $check->args),
                $check->reading->unit ?? '',
                $check->reading?->low,
                $check->reading?->high,
            );
        }
        foreach (Proof::of($study, $ticks)->asks ?? [] as $ask) {
            $line($ask['step'], $say->word('tests.proof.title'), '', null, null);
        }

        return Csv::write($rows);
    }

    public static function read(Job $job, string $text, User $by): CsvResult
    {
        [$rows, $faults] = str_starts_with(
            ltrim($text, "\u{FEFF} \t\r\n"),
            '{',
        ) ? self::lines($text) : Csv::read($text, ['line'], self::MOST);
        if ($rows === [] && $faults === []) {
            $faults[] = ['path' => 'line 1', 'message' => 'there are no readings in it'];
        }
        $note = new NoteCheck(new NoteTick());

        return CsvResult::whole($rows, $faults, static function (array $row) use ($job, $note, $by): bool {
            // A line that nobody filled in says nothing.
            $isEmpty = ($row['value'] ?? '') === '' && ($row['state'] ?? '') === '' && ($row['note'] ?? '') === '';

            return !$isEmpty && $note($job, self::said($job, $row, $by->name));
        });
    }

    /**
     * @param array<string, string> $row
     *
     * @return array{step: string, state: string, value: ?float, amps: ?float, note: string, at: CarbonInterface, by: string,
     *     client_id: string}
     *
     * @throws InvalidValue
     */
    private static function said(Job $job, array $row, string $by): array
    {
        $number = static function (string $column) use ($row): ?float {
            $text = str_replace(',', '.', trim($row[$column] ?? ''));

            return match (true) {
                $text === '' => null,
                is_numeric($text) && is_finite((float) $text) => (float) $text,
                default => throw InvalidValue::at("/$column", 'number'),
            };
        };
        $at = self::moment($row['at'] ?? '');
        $state = ($row['state'] ?? '') === '' ? NotedTick::DONE : $row['state'];
        if (!in_array($state, NotedTick::STATES, true)) {
            throw InvalidValue::at('/state', 'one-of', ['choices' => implode(', ', NotedTick::STATES)]);
        }
        $note = trim(($row['note'] ?? '') . (($row['instrument'] ?? '') === '' ? '' : " ({$row['instrument']})"));
        $said = ['step' => $row['line'] ?? '', 'state' => $state, 'value' => $number('value'), 'amps' => $number('amps'), 'note' => $note];

        return [
            ...$said, 'at' => $at ?? CarbonImmutable::now()->utc(), 'by' => $by,
            // Without a moment of its own it is this day's reading.
            'client_id' => Uuid::v5(
                Uuid::fromString(self::IDS),
                implode('|', [$job->id, ($at ?? CarbonImmutable::now()->utc()->startOfDay())->getTimestamp(), json_encode($said)]),
            )->toRfc4122(),
        ];
    }

    private static function moment(string $text): ?CarbonImmutable
    {
        if (trim($text) === '') {
            return null;
        }
        try {
            $at = CarbonImmutable::parse($text)->utc();
        } catch (Throwable) {
            throw InvalidValue::at('/at', 'moment');
        }

        return $at->isFuture() ? throw InvalidValue::at('/at', 'in-future') : $at;
    }

    /**
     * @return array{list<array<string, string>>, list<array{path: string, message: string}>} as Csv::read() has them
     */
    private static function lines(string $text): array
    {
        [$rows, $faults] = [[], []];
        foreach (explode("\n", $text) as $k => $line) {
            if (trim($line) === '') {
                continue;
            }
            try {
                $object = json_decode(ltrim($line, "\u{FEFF}"), true, 4, JSON_THROW_ON_ERROR);
            } catch (JsonException) {
                $object = null;
            }
            if (!is_array($object) || count($rows) >= self::MOST) {
                $faults[] = ['path' => 'line ' . ($k + 1), 'message' => is_array($object) ? 'is one too many' : 'is no JSON object'];
                continue;
            }
            $row = ['#' => (string) ($k + 1)];
            foreach ($object as $name => $value) {
                $row[(string) $name] = is_scalar($value) ? (string) $value : '';
            }
            $rows[] = $row;
        }

        return [$rows, $faults];
    }
}
