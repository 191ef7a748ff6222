<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A proposal is taken as it was seen: by its mark. */
final class SeenRequest extends FormRequest
{
    public function rules(): array
    {
        return ['seen' => ['required', 'string', 'max:64']];
    }

    public function seen(): string
    {
        return $this->text('seen');
    }
}
