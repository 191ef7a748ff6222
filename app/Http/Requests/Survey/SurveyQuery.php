<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\Query;
use Illuminate\Validation\Rule;
use Pebblefell\System\PartKind;

/** Reads what is added on the survey, and which conductor is open. */
final class SurveyQuery extends Query
{
    public function rules(): array
    {
        return ['add' => ['nullable', Rule::in(array_column(PartKind::cases(), 'value'))], 'edit' => ['nullable', 'string', 'max:20']];
    }

    public function adding(): ?PartKind
    {
        return PartKind::tryFrom($this->asked('add'));
    }
}
