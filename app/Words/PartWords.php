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
            $field->key === 'lithium' => 'lithium: ' . $say->choice((string) $value),
            $field->key === 'rate_h' => 'at ' . $show->text((float) $value, 'h'),
            $field->key === 'age_years' => $show->text((float) $value) . ' years old',
            $field->key === 'tilt_deg' => 'tilted ' . $show->text((float) $value) . '°',
            is_bool($value) => lcfirst($say->field($kind, $field->key)) . ($value ? '' : ': no'),
            is_string($value) => $say->choice($value),
            default => $show->text($value, $field->unit),
        };
    }
}
