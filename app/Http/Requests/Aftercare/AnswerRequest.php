<?php

declare(strict_types=1);

namespace App\Http\Requests\Aftercare;

use App\Http\Requests\FormRequest;

/** Reads what was answered to an owner. */
final class AnswerRequest extends FormRequest
{
    public function rules(): array
    {
        return ['answer' => ['nullable', 'string', 'max:1000']];
    }
}
