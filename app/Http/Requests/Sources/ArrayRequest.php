<?php

declare(strict_types=1);

namespace App\Http\Requests\Sources;

use App\Http\Requests\FormRequest;

/** How many panels stand in series before a regulator. */
final class ArrayRequest extends FormRequest
{
    public function rules(): array
    {
        return ['series' => ['required', 'integer', 'between:1,20']];
    }
}
