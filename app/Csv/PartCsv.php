<?php

declare(strict_types=1);

namespace App\Csv;

use App\Actions\Survey\AddParts;
use App\Models\Job;
use App\Models\Part;
use App\Record\Bounds;
use App\Words\Lexicon;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\Fate;
use Pebblefell\System\PartKind;

/** A job's parts as CSV. Rows read in are added to the job. */
final class PartCsv
{
    private const COLUMNS = ['kind', 'fate', 'role', 'make', 'model', 'serial', 'firmware', 'place', 'note'];

    public static function write(Job $job): string
    {
        $columns = SheetColumns::names(true);
        $rows = [[...self::COLUMNS, ...$columns]];
        foreach ($job->parts()->get() as $part) {
            $rows[] = [
                $part->kind->value, $part->fate->value, $part->role, $part->make, $part->model, $part->serial, $part->firmware,
                $part->place, $part->note,
                ...array_map(static fn(string $c) => $part->data[$c] ?? null, $columns),
            ];
        }

        return Csv::write($rows);
    }

    public static function read(Job $job, string $text): CsvResult
    {
        [$rows, $faults] = Csv::read($text, ['kind'], Bounds::most()['parts'] - $job->parts()->count());
        $parts = [];
        foreach ($rows as $row) {
            try {
                $parts[] = self::part($row);
            } catch (InvalidValue $e) {
                $faults[] = ['path' => 'line ' . $row['#'] . ', ' . ltrim($e->path, '/'), 'message' => Lexicon::plain()->refusal($e)];
            }
        }
        if ($faults !== []) {
            return new CsvResult(0, $faults);
        }
        (new AddParts())->rows($job, Part::class, 'p', $parts);

        return new CsvResult(count($parts), []);
    }

    /**
     * @param array<string, string> $row
     *
     * @return array<string, mixed>
     */
    private static function part(array $row): array
    {
        $kind = PartKind::tryFrom($row['kind']) ?? throw InvalidValue::at('/kind', 'no-kind', ['text' => $row['kind']]);
        $fate = Fate::tryFrom(($row['fate'] ?? '') ?: 'keep') ?? throw InvalidValue::at(
            '/fate',
            'no-fate',
            ['text' => $row['fate'] ?? ''],
        );
        $role = ($row['role'] ?? '') ?: 'house';
        if (!in_array($role, \Pebblefell\System\Part::ROLES, true)) {
            throw InvalidValue::at('/role', 'one-of', ['choices' => implode(' · ', \Pebblefell\System\Part::ROLES)]);
        }
        $part = [
            'kind' => $kind,
            'fate' => $fate,
            'role' => $role,
            'data' => SheetColumns::sheet($kind, $row, true)->values,
            'origins' => [],
        ];
        foreach (['make' => 80, 'model' => 120, 'serial' => 120, 'firmware' => 80, 'place' => 160, 'note' => 500] as $key => $most) {
            $value = $row[$key] ?? '';
            $part[$key] = mb_strlen($value) <= $most ? $value : throw InvalidValue::at(
                '/' . $key,
                'at-most',
                ['most' => (string) $most],
            );
        }

        return $part;
    }
}
