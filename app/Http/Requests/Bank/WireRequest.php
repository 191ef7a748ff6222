<?php

declare(strict_types=1);

namespace App\Http\Requests\Bank;

use App\Http\Requests\FormRequest;
use Illuminate\Validation\Rule;
use Pebblefell\Bank\Layout;

/** A layout of the bank, to be drawn into the plan. */
final class WireRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'layout' => ['required', Rule::enum(Layout::class)],
            'plus' => ['nullable', 'integer', 'between:0,63'],
            'minus' => ['required_with:plus', 'nullable', 'integer', 'between:0,63'],
            'mm2' => ['required', 'numeric', 'between:0.5,300'],
            'link_m' => ['required', 'numeric', 'between:0.01,20'],
            'lead_m' => ['required', 'numeric', 'between:0.01,20'],
        ];
    }
}
