<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;

final class CustomerRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:160'],
            'email' => ['nullable', 'email', 'max:190'],
            'phone' => ['nullable', 'string', 'max:60'],
            'address' => ['nullable', 'string', 'max:250'],
            'language' => ['nullable', Rule::in(['en', 'de'])],
        ];
    }

    /**
     * @return array<string, string> columns of the customer
     */
    public function row(): array
    {
        return [
            'name' => $this->text('name'),
            'email' => $this->text('email'),
            'phone' => $this->text('phone'),
            'address' => $this->text('address'),
            'language' => $this->text('language') ?: 'en',
        ];
    }
}
