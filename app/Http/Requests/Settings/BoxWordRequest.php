<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FormRequest;
use Illuminate\Validation\Rule;
use Pebblefell\Setting\Parameter;

/** A word on a box, and what the trade means by it. */
final class BoxWordRequest extends FormRequest
{
    public function rules(): array
    {
        return ['word' => ['required', 'string', 'max:60'], 'parameter' => ['required', Rule::enum(Parameter::class)]];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['word' => 'word', 'parameter' => 'meaning'];
    }
}
