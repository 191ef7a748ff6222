<?php

declare(strict_types=1);

namespace App\Csv;

use App\Words\Lexicon;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\DataSheet;

/** The columns that data sheets have in a CSV file: one for each key of any kind. */
final class SheetColumns
{
    /**
     * @return list<string>
     */
    public static function names(bool $ofThisOne): array
    {
        $names = [];
        foreach (PartKind::cases() as $kind) {
            foreach ($kind->fields() as $key => $field) {
                if ($ofThisOne || !$field->ofThisOne) {
                    $names[$key] = $key;
                }
            }
        }

        return array_values($names);
    }

    /**
     * @param array<string, string> $row by column name
     *
     * @throws InvalidValue with the column's name as path
     */
    public static function sheet(PartKind $kind, array $row, bool $ofThisOne): DataSheet
    {
        $values = [];
        foreach (self::names($ofThisOne) as $key) {
            $text = trim($row[$key] ?? '');
            if ($text !== '') {
                $field = $kind->fields()[$key] ?? throw InvalidValue::at(
                    '/' . $key,
                    'not-on-sheet',
                    ['kind' => Lexicon::plain()->name($kind)],
                );
                $values[$key] = $field->type === 'number' ? Csv::number($row, $key) ?? 0.0 : self::value($field, $text);
            }
        }

        return DataSheet::of($kind, $values);
    }

    private static function value(DataField $field, string $text): bool|string
    {
        return match ($field->type) {
            'flag' => match (strtolower($text)) {
                'yes', '1', 'true' => true,
                'no', '0', 'false' => false,
                default => throw InvalidValue::at('/' . $field->key, 'yes-or-no', ['text' => $text]),
            },
            default => $text,
        };
    }
}
