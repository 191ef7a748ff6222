<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\Query;

/** Which box is looked at, counted from 0. */
final class StepQuery extends Query
{
    public function rules(): array
    {
        return ['at' => ['nullable', 'integer', 'between:0,5000']];
    }
}
