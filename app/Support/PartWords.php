<?php

declare(strict_types=1);

namespace App\Support;

use App\Words\Show;
use Pebblefell\System\Part;
use Pebblefell\System\Sheet\DataField;

/** The few words about a part that a technician wants in a list: its first and most telling data sheet lines. */
final class PartWords
{
    private const TELLING = [
        'battery' => ['chemistry', 'nominal_v', 'capacity_ah', 'rate_h', 'age_years'],
        'panel' => ['pmax_w', 'voc_v', 'tilt_deg'],
        'regulator' => ['technology', 'max_charge_a', 'max_pv_v', 'lithium'],
        'dcdc' => ['output_a', 'lithium'],
        'isolator' => ['method', 'rating_a'],
        'alternator' => ['rated_a', 'regulated_v'],
        'mains_charger' => ['output_a', 'lithium'],
        'converter' => ['output_a', 'lithium'],
        'inverter' => ['continuous_w', 'surge_w', 'idle_w'],
        'inverter_charger' => ['continuous_w', 'charge_a', 'lithium'],
        'fuse' => ['rating_a', 'family', 'interrupt_a'],
        'cable' => ['size_mm2', 'insulation_c'],
    ];

    public static function of(Part $part, Show $show): string
    {
        $fields = $part->kind->fields();
        $words = [];
        foreach (self::TELLING[$part->kind->value] ?? array_slice(array_keys($fields), 0, 3) as $key) {
            $value = $part->data->values[$key] ?? null;
            if ($value !== null && isset($fields[$key])) {
                $words[] = self::word($fields[$key], $value, $show);
            }
        }

        return implode(', ', $words);
    }

    private static function word(DataField $field, float|bool|string $value, Show $show): string
    {
        return match (true) {
            $field->key === 'lithium' => 'lithium: ' . $value,
            $field->key === 'rate_h' => 'at ' . $show->text((float) $value, 'h'),
            $field->key === 'age_years' => $show->text((float) $value) . ' years old',
            $field->key === 'tilt_deg' => 'tilted ' . $show->text((float) $value) . '°',
            is_bool($value) => lcfirst($field->label) . ($value ? '' : ': no'),
            is_string($value) => str_replace('_', ' ', strlen($value) <= 4 ? strtoupper($value) : $value),
            default => $show->text($value, $field->unit),
        };
    }
}
