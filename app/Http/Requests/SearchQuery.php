<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Reads what is looked for. */
final class SearchQuery extends Query
{
    public function rules(): array
    {
        return ['q' => ['nullable', 'string', 'max:100']];
    }
}
