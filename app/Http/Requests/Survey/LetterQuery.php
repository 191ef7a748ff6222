<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\Query;

/** In which language a supplier is asked. */
final class LetterQuery extends Query
{
    public function rules(): array
    {
        return ['language' => ['nullable', 'in:en,de']];
    }

    public function language(): string
    {
        return $this->asked('language') ?: 'en';
    }
}
