<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Workshop;
use App\Words\Lexicon;
use App\Words\Show;
use Closure;
use Pebblefell\Region\Units;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataField;

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
     * Rules for data[…]: a number is a number within core's bounds, which are told in the units that it is typed in.
     *
     * @return array<string, list<mixed>>
     */
    protected static function sheetRules(?PartKind $kind, Units $units): array
    {
        $rules = ['data' => ['array']];
        foreach ($kind?->fields() ?? [] as $key => $field) {
            $rules["data.$key"] = match ($field->type) {
                'number' => ['nullable', 'numeric', self::within($field, $units)],
                'choice' => ['nullable', 'in:' . implode(',', $field->choices)],
                'flag' => ['nullable', 'in:0,1,yes,no'],
                'date' => ['nullable', 'date_format:Y-m-d'],
                default => ['nullable', 'string', 'max:200'],
            };
        }

        return $rules;
    }

    /** A check against the bounds of a line, said in the reader's units. */
    private static function within(DataField $field, Units $units): Closure
    {
        return static function (string $attribute, mixed $typed, Closure $fail) use ($field, $units): void {
            $value = is_numeric($typed) ? $units->read((float) $typed, $field->unit) : null;
            if ($value !== null && ($value < $field->low || $value > $field->high)) {
                // Areas are typed in mm² in every region.
                $show = new Show($field->unit === 'mm²' ? Units::Metric : $units, Workshop::current()->currency);
                $fail("Must be between {$show->text($field->low, $field->unit)} and {$show->text($field->high, $field->unit)}.");
            }
        };
    }

    /**
     * @return array<string, string>
     */
    protected static function sheetNames(?PartKind $kind): array
    {
        if ($kind === null) {
            return [];
        }
        $names = [];
        foreach (array_keys($kind->fields()) as $key) {
            $names["data.$key"] = lcfirst(Lexicon::plain()->field($kind, $key));
        }

        return $names;
    }
}
