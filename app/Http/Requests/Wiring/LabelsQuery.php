<?php

declare(strict_types=1);

namespace App\Http\Requests\Wiring;

use App\Http\Pages\Wiring\LabelSheet;
use App\Http\Pages\Wiring\LabelStock;
use App\Http\Requests\Query;
use Illuminate\Validation\Rule;

/** On which stock labels are printed. */
final class LabelsQuery extends Query
{
    public function rules(): array
    {
        return ['stock' => ['nullable', Rule::in([LabelSheet::OWN, ...array_column(LabelStock::cases(), 'value')])]];
    }
}
