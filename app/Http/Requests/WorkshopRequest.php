<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use Pebblefell\Region\Region;

final class WorkshopRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'address' => ['nullable', 'string', 'max:250'],
            'phone' => ['nullable', 'string', 'max:60'],
            'email' => ['nullable', 'email', 'max:190'],
            'region' => ['required', Rule::enum(Region::class)],
            'timezone' => ['required', 'timezone:all'],
            'first_terminal' => ['required', Rule::in(['negative', 'positive'])],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function validated($key = null, $default = null): array
    {
        return array_map(fn(string $k): string => $this->text($k), ['name' => 'name', 'address' => 'address', 'phone' => 'phone', 'email' => 'email', 'region' => 'region', 'first_terminal' => 'first_terminal', 'timezone' => 'timezone']);
    }
}
