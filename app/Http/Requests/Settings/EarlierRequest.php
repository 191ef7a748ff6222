<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FormRequest;

/** How an earlier system was set, to be planned here: as it was seen. */
final class EarlierRequest extends FormRequest
{
    public function rules(): array
    {
        return ['seen' => ['required', 'string', 'max:64']];
    }
}
