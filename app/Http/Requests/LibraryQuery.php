<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use Pebblefell\System\PartKind;

/** Which shelf of the parts library. */
final class LibraryQuery extends Query
{
    public function rules(): array
    {
        return ['kind' => ['nullable', Rule::enum(PartKind::class)], 'page' => ['nullable', 'integer', 'between:1,100000']];
    }

    public function kind(): ?PartKind
    {
        return PartKind::tryFrom($this->asked('kind'));
    }
}
