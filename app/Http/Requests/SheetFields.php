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
            $values[$key] = self::asNoted($field, $typed, $units);
        }

        return $values;
    }

    /** Reads what was typed into a field, in metric units. */
    protected static function asNoted(DataField $field, mixed $typed, Units $units): float|bool|int|string
    {
        return match ($field->type) {
            'number' => round($units->read((float) $typed, $field->unit), 6),
            'integer' => (int) $typed,
            'flag' => in_array($typed, ['1', 'yes', true], true),
            default => (string) $typed,
        };
    }

    /**
     * Gives the rule of a field: a number is a number within core's bounds, which are told in the units that it is typed in.
     *
     * @return list<mixed>
     */
    protected static function ruleOf(DataField $field, Units $units): array
    {
        return match ($field->type) {
            'number' => ['numeric', self::within($field, $units)],
            'integer' => ['integer', "between:$field->low,$field->high"],
            'choice', 'enum' => ['in:' . implode(',', $field->choices)],
            'flag' => ['in:0,1,yes,no'],
            'date' => ['date_format:Y-m-d'],
            default => ['string', 'max:' . $field->most],
        };
    }

    /**
     * Gives the rules for data[…].
     *
     * @return array<string, list<mixed>>
     */
    protected static function sheetRules(?PartKind $kind, Units $units): array
    {
        $rules = ['data' => ['array']];
        foreach ($kind?->fields() ?? [] as $key => $field) {
            // A sheet may be kept while something that it needs is not known yet: core says what lacks.
            $rules["data.$key"] = ['nullable', ...self::ruleOf($field, $units)];
        }

        return $rules;
    }

    /** A check against the bounds of a line, said in the reader's units. */
    private static function within(DataField $field, Units $units): Closure
    {
        return static function (string $attribute, mixed $typed, Closure $fail) use ($field, $units): void {
            $value = is_numeric($typed) ? $units->read((float) $typed, $field->unit) : null;
            if ($value !== null && ($value < $field->low || $value > $field->high || ($field->isAbove && $value <= $field->low))) {
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
