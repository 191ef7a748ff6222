<?php

declare(strict_types=1);

namespace App\Http\Requests\Handover;

use App\Http\Requests\FormRequest;

/** A pack to be issued: until when its link opens. */
final class HandoverRequest extends FormRequest
{
    public function rules(): array
    {
        return ['expires_on' => ['nullable', 'date_format:Y-m-d', 'after:today', 'before:2100-01-01']];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['expires_on' => 'last day'];
    }

    public function expiresOn(): ?string
    {
        return $this->filled('expires_on') ? $this->text('expires_on') : null;
    }
}
