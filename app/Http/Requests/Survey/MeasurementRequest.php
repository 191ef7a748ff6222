<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\FormRequest;
use Illuminate\Validation\Rule;
use Pebblefell\System\Measurement;

final class MeasurementRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'quantity' => ['required', Rule::in(array_keys(Measurement::QUANTITIES))],
            'value' => ['required', 'numeric', 'between:-100000,100000'],
            'instrument' => ['nullable', 'string', 'max:120'],
            'note' => ['nullable', 'string', 'max:300'],
        ];
    }

    /**
     * @return array<string, mixed>
     */
    public function validated($key = null, $default = null): array
    {
        return [
            'quantity' => $this->text('quantity'),
            'value' => (float) $this->input('value'),
            'instrument' => $this->text('instrument'),
            'note' => $this->text('note'),
        ];
    }
}
