<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A button without fields of its own: what it says is in the route; what was seen, in `lock_version`. */
final class ActRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'scenario' => ['nullable', 'string', 'max:20'],
            'more' => ['nullable', 'string', 'max:20'],
            'page' => ['nullable', 'integer', 'between:1,100000'],
        ];
    }
}
