<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\Query;

/** Reads what is asked of the Settings screen: what a word on a box means. */
final class SettingsQuery extends Query
{
    public function rules(): array
    {
        return ['word' => ['nullable', 'string', 'max:60']];
    }
}
