<?php

declare(strict_types=1);

namespace App\Http\Requests\Sources;

use App\Http\Requests\Query;

/** Reads what is asked of Sources: whose day is shown. */
final class SourcesQuery extends Query
{
    public function rules(): array
    {
        return ['month' => ['nullable', 'integer', 'between:1,12']];
    }

    public function month(): ?int
    {
        return ctype_digit($this->asked('month')) ? (int) $this->asked('month') : null;
    }
}
