<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FormRequest;

/** A code to be kept under seal, and what it opens. */
final class SecretRequest extends FormRequest
{
    public function rules(): array
    {
        return ['label' => ['required', 'string', 'max:80'], 'code' => ['required', 'string', 'max:200']];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['label' => 'what it opens', 'code' => 'code'];
    }
}
