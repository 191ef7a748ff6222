<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Reads what an owner said to a recall. */
final class RecallAnswerRequest extends FormRequest
{
    public function rules(): array
    {
        return ['note' => ['nullable', 'string', 'max:500']];
    }
}
