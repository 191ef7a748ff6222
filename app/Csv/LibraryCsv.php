<?php

declare(strict_types=1);

namespace App\Csv;

use App\Models\LibraryPart;
use App\Words\Lexicon;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\PartKind;

/** The parts library as CSV: kind, make, model, and a column for every line of every data sheet. */
final class LibraryCsv
{
    public static function write(): string
    {
        $columns = SheetColumns::names(false);
        $rows = [['kind', 'make', 'model', ...$columns]];
        foreach (LibraryPart::query()->orderBy('kind')->orderBy('make')->orderBy('model')->cursor() as $part) {
            $rows[] = [
                $part->kind->value,
                $part->make,
                $part->model,
                ...array_map(static fn(string $c) => $part->data[$c] ?? null, $columns),
            ];
        }

        return Csv::write($rows);
    }

    /** Parts that are there already (same kind, make and model) get the file's data sheet. */
    public static function read(string $text): CsvResult
    {
        [$rows, $faults] = Csv::read($text, ['kind', 'make', 'model'], (int) config('pebblefell.most_rows.library'));
        $parts = [];
        foreach ($rows as $row) {
            try {
                $kind = PartKind::tryFrom($row['kind']) ?? throw InvalidValue::at('/kind', 'no-kind', ['text' => $row['kind']]);
                if ($row['make'] === '' || $row['model'] === '') {
                    throw InvalidValue::at('/model', 'make-and-model');
                }
                $parts[] = [
                    'kind' => $kind->value,
                    'make' => $row['make'],
                    'model' => $row['model'],
                    'data' => SheetColumns::sheet($kind, $row, false)->values,
                ];
            } catch (InvalidValue $e) {
                $faults[] = ['path' => 'line ' . $row['#'] . ', ' . ltrim($e->path, '/'), 'message' => Lexicon::plain()->refusal($e)];
            }
        }
        if ($faults !== []) {
            return new CsvResult(0, $faults);
        }
        foreach ($parts as $part) {
            $row = LibraryPart::query()->firstOrNew(array_intersect_key($part, ['kind' => 1, 'make' => 1, 'model' => 1]));
            $row->changeTo($part);
        }

        return new CsvResult(count($parts), []);
    }
}
