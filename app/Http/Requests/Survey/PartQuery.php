<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\Query;
use Illuminate\Validation\Rule;

/** Where a part's page was come to from. */
final class PartQuery extends Query
{
    public function rules(): array
    {
        return ['back' => ['nullable', 'string', Rule::in(['handover', 'survey'])]];
    }
}
