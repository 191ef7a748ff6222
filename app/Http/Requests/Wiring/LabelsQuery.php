<?php

declare(strict_types=1);

namespace App\Http\Requests\Wiring;

use App\Http\Pages\Wiring\LabelStock;
use App\Http\Requests\Query;
use Illuminate\Validation\Rule;

/** On which stock labels are printed. */
final class LabelsQuery extends Query
{
    public function rules(): array
    {
        return ['stock' => ['nullable', Rule::enum(LabelStock::class)]];
    }

    public function stock(LabelStock $usual): LabelStock
    {
        return LabelStock::tryFrom($this->asked('stock')) ?? $usual;
    }
}
