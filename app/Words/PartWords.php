<?php

declare(strict_types=1);

namespace App\Words;

use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataField;

/** The few words about a part that a technician wants in a list: its first and most telling data sheet lines. */
final class PartWords
{
    public static function of(Part $part, Show $show, Lexicon $say): string
    {
        $fields = $part->kind->fields();
        $words = [];
        foreach ($part->kind->kind()->telling() as $key) {
            $value = $part->data->values[$key] ?? null;
            if ($value !== null && isset($fields[$key])) {
                $words[] = self::word($part->kind, $fields[$key], $value, $show, $say);
            }
        }

        return implode(', ', $words);
    }

    private static function word(PartKind $kind, DataField $field, float|bool|string $value, Show $show, Lexicon $say): string
    {
        return match (true) {
            $field->key === 'lithium' => $say->word('sheets.telling.lithium', ['says' => $say->choice((string) $value)]),
            $field->key === 'rate_h' => $say->word('sheets.telling.rate', ['hours' => $show->text((float) $value, 'h')]),
            $field->key === 'age_years' => $say->word('sheets.telling.age', ['years' => $show->text((float) $value)]),
            $field->key === 'tilt_deg' => $say->word('sheets.telling.tilt', ['degrees' => $show->text((float) $value)]),
            is_bool($value) => lcfirst($say->field($kind, $field->key)) . ($value ? '' : $say->word('sheets.telling.no')),
            is_string($value) => $say->choice($value),
            default => $show->text($value, $field->unit),
        };
    }
}
