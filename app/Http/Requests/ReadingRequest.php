<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A reading for the log of a battery. */
final class ReadingRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'client_id' => ['nullable', 'uuid'],
            'volts' => ['required', 'numeric', 'between:-1000,1000'],
            'amps' => ['nullable', 'numeric', 'between:-10000,10000'],
            'celsius' => ['nullable', 'numeric', 'between:-100,250'],
            'read_at' => ['nullable', 'date'],
            'sure' => ['boolean'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['read_at' => 'time', 'celsius' => 'temperature'];
    }
}
