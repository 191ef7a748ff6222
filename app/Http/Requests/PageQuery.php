<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A page of a long list. */
final class PageQuery extends Query
{
    public function rules(): array
    {
        return ['page' => ['nullable', 'integer', 'between:1,100000']];
    }
}
