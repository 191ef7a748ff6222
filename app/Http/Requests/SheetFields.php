<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Pebblefell\Region\Units;
use Pebblefell\System\PartKind;

/** Reads a data sheet out of form fields named data[key]. */
trait SheetFields
{
    /**
     * @return array<string, float|bool|string> only what was filled in, in metric units
     */
    protected function sheetValues(PartKind $kind, Units $units, bool $ofThisOne): array
    {
        $values = [];
        foreach ($kind->fields() as $key => $field) {
            $typed = $this->input("data.$key");
            if ($typed === null || $typed === '' || ($field->ofThisOne && !$ofThisOne)) {
                continue;
            }
            $values[$key] = match ($field->type) {
                'number' => round($units->read((float) $typed, $field->unit), 6),
                'flag' => $typed === '1' || $typed === 'yes' || $typed === true,
                default => (string) $typed,
            };
        }

        return $values;
    }

    /**
     * Rules for data[…]: a number is a number; bounds are core's, and come back as errors at the same fields.
     *
     * @return array<string, list<mixed>>
     */
    protected static function sheetRules(?PartKind $kind): array
    {
        $rules = ['data' => ['array']];
        foreach ($kind?->fields() ?? [] as $key => $field) {
            $rules["data.$key"] = match ($field->type) {
                'number' => ['nullable', 'numeric'],
                'choice' => ['nullable', 'in:' . implode(',', $field->choices)],
                'flag' => ['nullable', 'in:0,1,yes,no'],
                default => ['nullable', 'string', 'max:200'],
            };
        }

        return $rules;
    }

    /**
     * @return array<string, string>
     */
    protected static function sheetNames(?PartKind $kind): array
    {
        $names = [];
        foreach ($kind?->fields() ?? [] as $key => $field) {
            $names["data.$key"] = lcfirst($field->label);
        }

        return $names;
    }
}
