<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\System\Climate;

/** A place, its sky (clearness) and its cold by month: all twelve of a row or none. */
final class PlaceRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'latitude_deg' => ['required', 'numeric', 'between:-90,90'],
            'longitude_deg' => ['nullable', 'numeric', 'between:-180,180'],
            'climate' => ['nullable', Rule::enum(Climate::class)],
            'clearness' => ['array', 'max:12'],
            'clearness.*' => ['nullable', 'numeric', 'between:0,1'],
            'record_low_c' => ['nullable', 'numeric', 'between:-80,140'],
            'min_c' => ['array', 'max:12'],
            'min_c.*' => ['nullable', 'numeric', 'between:-80,140'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return [
            'latitude_deg' => 'latitude',
            'longitude_deg' => 'longitude',
            'clearness.*' => 'clearness',
            'min_c.*' => 'night minimum',
            'record_low_c' => 'record low',
        ];
    }

    protected function check(Validator $validator): void
    {
        foreach (['clearness', 'min_c'] as $row) {
            $given = count($this->filledIn($row));
            if ($given !== 0 && $given !== 12) {
                $validator->errors()->add("$row.0", 'Give all twelve months, or none.');
            }
        }
    }

    /**
     * @return array<string, mixed> columns of the place
     */
    public function row(): array
    {
        $units = $this->units();

        return [
            'name' => $this->text('name'),
            'latitude_deg' => (float) $this->input('latitude_deg'),
            'longitude_deg' => $this->number('longitude_deg') ?? 0.0,
            // A new place starts from what its latitude is likeliest to have.
            'climate' => $this->has('climate')
                ? Climate::tryFrom($this->text('climate'))
                : Climate::usual((float) $this->input('latitude_deg')),
            'clearness' => $this->filledIn('clearness'),
            'record_low_c' => $this->metric('record_low_c', '°C', $units),
            'min_c' => array_map(static fn(float $t): float => round($units->read($t, '°C'), 3), $this->filledIn('min_c')),
        ];
    }

    /**
     * @return list<float>
     */
    private function filledIn(string $row): array
    {
        return array_values(array_map(
            floatval(...),
            array_filter((array) $this->input($row, []), static fn($v): bool => $v !== null && $v !== ''),
        ));
    }
}
