<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A step that the gate may speak against: with a reason a planner overrules it. */
final class ReasonRequest extends FormRequest
{
    public function rules(): array
    {
        return ['reason' => ['nullable', 'string', 'max:250'], 'passed' => ['nullable', 'boolean']];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['passed' => 'result'];
    }
}
