<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use Pebblefell\System\Answer;

/** A planner's answer. Overruling takes a reason, which is printed in the pack. */
final class FindingRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'finding' => ['required', 'string', 'max:120'],
            'fingerprint' => ['required', 'string', 'max:400'],
            'answer' => ['sometimes', 'required', Rule::in(Answer::KINDS)],
            'reason' => ['required_if:answer,overruled', 'nullable', 'string', 'max:500'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['reason.required_if' => 'Overruling takes a reason: it is kept with your name and printed in the pack.'];
    }
}
