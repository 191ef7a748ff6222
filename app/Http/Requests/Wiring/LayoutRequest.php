<?php

declare(strict_types=1);

namespace App\Http\Requests\Wiring;

use App\Http\Requests\FormRequest;

/** The proposed circuit is taken: which one was seen. */
final class LayoutRequest extends FormRequest
{
    public function rules(): array
    {
        return ['seen' => ['required', 'string', 'max:40']];
    }
}
