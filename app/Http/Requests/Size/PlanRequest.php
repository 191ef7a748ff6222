<?php

declare(strict_types=1);

namespace App\Http\Requests\Size;

use App\Http\Requests\FormRequest;
use App\Http\Requests\KeepsChoice;
use Illuminate\Validation\Rule;

/** A point of the endurance map, to become the plan. */
final class PlanRequest extends FormRequest
{
    use KeepsChoice;

    public function rules(): array
    {
        return [
            ...self::asChoice(),
            'battery' => ['required', 'integer', Rule::exists('library_parts', 'id')->where('kind', 'battery')],
            'batteries' => ['required', 'integer', 'between:1,160'],
            'panel' => ['required', 'integer', Rule::exists('library_parts', 'id')->where('kind', 'panel')],
            'panels' => ['required', 'integer', 'between:0,60'],
        ];
    }
}
