<?php

declare(strict_types=1);

namespace App\Http\Requests\Aftercare;

use App\Http\Requests\Query;

/** Which part is thought replaced. */
final class ReplaceQuery extends Query
{
    public function rules(): array
    {
        return ['replace' => ['nullable', 'string', 'max:20']];
    }
}
