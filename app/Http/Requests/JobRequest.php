<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\Region\Region;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Travel;
use Pebblefell\System\Vehicle;

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
            'vehicle_kind' => ['required', Rule::in(Vehicle::KINDS)],
            'vehicle_description' => ['nullable', 'string', 'max:200'],
            'registration' => ['nullable', 'string', 'max:40'],
            'system_v' => ['required', Rule::in(['12', '24', '48'])],
            'chassis_bonded' => ['boolean'],
            'length_m' => ['nullable', 'numeric', 'between:0.3,100'],
            'axles' => ['nullable', 'integer', 'between:0,8'],
            'payload_kg' => ['nullable', 'numeric', 'between:0,50000'],
            'axle_kg' => ['nullable', 'numeric', 'between:0,50000'],
            'roof_m2' => ['nullable', 'numeric', 'between:0,' . floor($this->unitsHere()->show(200.0, 'm²'))],
            'bay_length_mm' => ['nullable', 'numeric', 'gt:0', 'max:10000', 'required_with:bay_width_mm,bay_height_mm'],
            'bay_width_mm' => ['nullable', 'numeric', 'gt:0', 'max:10000', 'required_with:bay_length_mm,bay_height_mm'],
            'bay_height_mm' => ['nullable', 'numeric', 'gt:0', 'max:10000', 'required_with:bay_length_mm,bay_width_mm'],
            'months' => ['array'],
            'months.*' => ['integer', 'between:1,12'],
            'wish_days' => ['required', 'numeric', 'between:0.1,60'],
            'hook_up' => ['required', Rule::in(Travel::HOOK_UPS)],
            'driving_h_day' => ['required', 'numeric', 'between:0,24'],
            'coldest_battery_c' => ['nullable', 'numeric', 'between:-60,140'],
            'shade' => ['array', 'max:6'],
            'shade.*' => ['array'],
            'shade.*.from_h' => ['nullable', 'numeric', 'between:0,24'],
            'shade.*.to_h' => ['nullable', 'numeric', 'between:0,24', 'different:shade.*.from_h'],
            'shade.*.percent' => ['nullable', 'numeric', 'between:0,100'],
            'travel_notes' => ['nullable', 'string', 'max:4000'],
            'details' => ['array'],
            'details.travel' => ['array'],
            'details.vehicle' => ['array'],
            ...$this->detailRules(),
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
        return [
            'title' => 'name of the job', 'vehicle_kind' => 'kind of vehicle', 'system_v' => 'system volts', 'length_m' => 'length',
            'payload_kg' => 'payload left', 'axle_kg' => 'left on the axle', 'bay_length_mm' => 'bay length',
            'bay_width_mm' => 'bay width', 'bay_height_mm' => 'bay height', 'roof_m2' => 'free roof', 'wish_days' => 'days wished',
            'driving_h_day' => 'driving hours',
            'coldest_battery_c' => 'coldest battery', 'shade.*.from_h' => 'shade from', 'shade.*.to_h' => 'shade until',
            'shade.*.percent' => 'light left',
        ];
    }

    /**
     * @return array<string, mixed> columns of the job
     */
    public function row(): array
    {
        $units = $this->unitsHere();

        return [
            'title' => $this->text('title'),
            'customer_id' => $this->text('new_customer') === '' ? $this->integer('customer_id') : null,
            'place_id' => $this->filled('place_id') ? $this->integer('place_id') : null,
            'region' => $this->filled('region') ? $this->text('region') : null,
            'vehicle_kind' => $this->text('vehicle_kind'),
            'vehicle_description' => $this->text('vehicle_description'),
            'registration' => $this->text('registration'),
            'system_v' => (float) $this->input('system_v'),
            'chassis_bonded' => $this->boolean('chassis_bonded'),
            'length_m' => $this->metric('length_m', 'm', $units),
            'axles' => $this->filled('axles') ? $this->integer('axles') : null,
            'payload_kg' => $this->metric('payload_kg', 'kg', $units),
            'axle_kg' => $this->metric('axle_kg', 'kg', $units),
            'roof_m2' => $this->metric('roof_m2', 'm²', $units),
            'bay_length_mm' => $this->metric('bay_length_mm', 'mm', $units),
            'bay_width_mm' => $this->metric('bay_width_mm', 'mm', $units),
            'bay_height_mm' => $this->metric('bay_height_mm', 'mm', $units),
            'months' => array_values(array_unique(array_map(intval(...), (array) $this->input('months', [])))),
            'wish_days' => (float) $this->input('wish_days'),
            'hook_up' => $this->text('hook_up'),
            'driving_h_day' => (float) $this->input('driving_h_day'),
            'coldest_battery_c' => $this->metric('coldest_battery_c', '°C', $units),
            'shade' => $this->shade(),
            'travel_notes' => $this->text('travel_notes'),
            'details' => $this->details(),
        ];
    }

    /**
     * What the model asks besides, by group.
     *
     * @return array<string, list<DataField>>
     */
    private static function groups(): array
    {
        return ['travel' => Travel::details(), 'vehicle' => Vehicle::details()];
    }

    /**
     * @return array<string, list<mixed>>
     */
    private function detailRules(): array
    {
        $rules = [];
        foreach (self::groups() as $group => $fields) {
            foreach ($fields as $field) {
                $rules["details.$group.$field->key"] = match ($field->type) {
                    'flag' => ['nullable', 'boolean'],
                    'choice' => ['nullable', 'in:' . implode(',', $field->choices)],
                    'number' => ['nullable', 'numeric', self::within($field, $this->unitsHere())],
                    default => ['nullable', 'string', 'max:' . $field->most],
                };
            }
        }

        return $rules;
    }

    /**
     * @return array<string, array<string, bool|float|string>> only what was filled in, in metric units
     */
    private function details(): array
    {
        $details = [];
        foreach (self::groups() as $group => $fields) {
            $details[$group] = [];
            foreach ($fields as $field) {
                $typed = $this->input("details.$group.$field->key");
                if (is_scalar($typed) && $typed !== '') {
                    $details[$group][$field->key] = match ($field->type) {
                        'flag' => (bool) $typed,
                        'number' => round($this->unitsHere()->read((float) $typed, $field->unit), 6),
                        default => (string) $typed,
                    };
                }
            }
        }

        return $details;
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
