<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Words\Lexicon;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\Region\Region;
use Pebblefell\System\Sheet\DataField;

/** A job's brief: customer, vehicle, and how the people travel. */
final class JobRequest extends FormRequest
{
    use SheetFields;

    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:160'],
            'customer_id' => ['required_without:new_customer', 'nullable', 'integer', Rule::exists('customers', 'id')],
            'new_customer' => ['nullable', 'string', 'max:160'],
            'place_id' => ['nullable', 'integer', Rule::exists('places', 'id')],
            'region' => ['nullable', Rule::enum(Region::class)],
            'bay_length_mm' => ['nullable', 'numeric', 'gt:0', 'max:10000', 'required_with:bay_width_mm,bay_height_mm'],
            'bay_width_mm' => ['nullable', 'numeric', 'gt:0', 'max:10000', 'required_with:bay_length_mm,bay_height_mm'],
            'bay_height_mm' => ['nullable', 'numeric', 'gt:0', 'max:10000', 'required_with:bay_length_mm,bay_width_mm'],
            'months' => ['array'],
            'months.*' => ['integer', 'between:1,12'],
            'shade' => ['array', 'max:6'],
            'shade.*' => ['array'],
            'shade.*.from_h' => ['nullable', 'numeric', 'between:0,24'],
            'shade.*.to_h' => ['nullable', 'numeric', 'between:0,24', 'different:shade.*.from_h'],
            'shade.*.percent' => ['nullable', 'numeric', 'between:0,100'],
            'details' => ['array'],
            'details.travel' => ['array'],
            'details.vehicle' => ['array'],
            ...array_map(fn(DataField $f): array => [
                $f->isNullable || $f->isOptional || in_array($f->type, ['text', 'lines', 'flag'], true) ? 'nullable' : 'required',
                ...self::ruleOf($f, $this->unitsHere()),
            ], self::asked()),
        ];
    }

    protected function check(Validator $validator): void
    {
        foreach ((array) $this->input('shade', []) as $i => $span) {
            $given = array_filter(is_array($span) ? $span : [], static fn($v): bool => $v !== null && $v !== '');
            if ($given !== [] && count(array_intersect_key($given, ['from_h' => 1, 'to_h' => 1, 'percent' => 1])) < 3) {
                $validator->errors()->add("shade.$i.from_h", 'A shade needs from, to and how much light is left.');
            }
        }
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['customer_id.required_without' => 'Choose a customer, or write a new one’s name.'];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        $say = Lexicon::plain();
        $names = array_map(static fn(string $key): string => lcfirst($say->word("brief.$key")), [
            'title' => 'title', 'shade.*.from_h' => 'shade-from', 'shade.*.to_h' => 'shade-to', 'shade.*.percent' => 'shade-left',
            'bay_length_mm' => 'bay_length_mm', 'bay_width_mm' => 'bay_width_mm', 'bay_height_mm' => 'bay_height_mm',
        ]);
        foreach (Job::briefFields() as $group => $list) {
            foreach ($list->fields as $key => $field) {
                $names[self::nameOf($group, $key)] = lcfirst($say->word("brief.$group.$key"));
            }
        }

        return $names;
    }

    /**
     * @return array<string, mixed> columns of the job
     */
    public function row(): array
    {
        return [
            'title' => $this->text('title'),
            'customer_id' => $this->text('new_customer') === '' ? $this->integer('customer_id') : null,
            'place_id' => $this->filled('place_id') ? $this->integer('place_id') : null,
            'region' => $this->filled('region') ? $this->text('region') : null,
            ...Job::columnsOf([
                'vehicle' => $this->group('vehicle') + ['bay_mm' => $this->bay()],
                'travel' => $this->group('travel') + [
                    'months' => array_values(array_unique(array_map(intval(...), (array) $this->input('months', [])))),
                    'shade' => $this->shade(),
                ],
            ]),
        ];
    }

    /** Names the form's field for a key of the brief. */
    public static function nameOf(string $group, string $key): string
    {
        return Job::COLUMNS[$group][$key] ?? "details.$group.$key";
    }

    /**
     * Lists what the form asks, field by field; the budget is asked on Size.
     *
     * @return array<string, DataField> by the form's field
     */
    private static function asked(): array
    {
        $asked = [];
        foreach (Job::briefFields() as $group => $list) {
            foreach ($list->fields as $key => $field) {
                if ($field->type !== 'shape' && $key !== 'budget') {
                    $asked[self::nameOf($group, $key)] = $field;
                }
            }
        }

        return $asked;
    }

    /**
     * Reads one group of the brief: what was left empty is as it is by default, and left out where it may be.
     *
     * @return array<string, mixed> as the job file has it
     */
    private function group(string $group): array
    {
        $noted = [];
        foreach (array_intersect_key(Job::briefFields()[$group]->fields, self::asksOf($group)) as $key => $field) {
            $typed = $this->input(self::nameOf($group, $key));
            $isTyped = is_scalar($typed) && $typed !== '';
            if ($isTyped || !$field->isOptional) {
                $noted[$key] = $isTyped ? self::asNoted($field, $typed, $this->unitsHere()) : $field->default;
            }
        }

        return $noted;
    }

    /**
     * @return array<string, int> of a group, those that the form asks
     */
    private static function asksOf(string $group): array
    {
        $asked = self::asked();

        return array_flip(array_filter(
            array_keys(Job::briefFields()[$group]->fields),
            static fn(string $key): bool => isset($asked[self::nameOf($group, $key)]),
        ));
    }

    /**
     * @return ?list<float> mm
     */
    private function bay(): ?array
    {
        $bay = array_map(
            fn(string $key): ?float => $this->metric($key, 'mm', $this->unitsHere()),
            ['bay_length_mm', 'bay_width_mm', 'bay_height_mm'],
        );

        return in_array(null, $bay, true) ? null : $bay;
    }

    /** The name of a customer whom nobody knows yet, or ''. */
    public function newCustomer(): string
    {
        return $this->text('new_customer');
    }

    /**
     * @return list<array{from_h: float, to_h: float, factor: float}>
     */
    private function shade(): array
    {
        $shade = [];
        foreach ((array) $this->input('shade', []) as $span) {
            if (is_array($span) && ($span['from_h'] ?? '') !== '' && isset($span['from_h'])) {
                $shade[] = [
                    'from_h' => (float) $span['from_h'],
                    'to_h' => (float) $span['to_h'],
                    'factor' => (float) $span['percent'] / 100,
                ];
            }
        }

        return $shade;
    }
}
