<?php

declare(strict_types=1);

namespace App\Http\Requests\Wiring;

use App\Http\Requests\FormRequest;

/** The proposed circuit, or some pieces of it, are taken: which one was seen. */
final class LayoutRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'seen' => ['required', 'string', 'max:40'],
            'pieces' => ['required', 'array', 'max:100'],
            'pieces.*' => ['string', 'max:20'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['pieces.required' => 'Choose what is to be drawn.'];
    }

    /**
     * @return list<string>
     */
    public function pieces(): array
    {
        return array_values(array_filter((array) $this->input('pieces', []), is_string(...)));
    }
}
