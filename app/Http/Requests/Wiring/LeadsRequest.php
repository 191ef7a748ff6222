<?php

declare(strict_types=1);

namespace App\Http\Requests\Wiring;

use App\Http\Requests\FormRequest;
use Illuminate\Validation\Validator;
use Pebblefell\Stage\Wiring\Typed\LeadLines;

/** Leads as one types them, a line each; read first, and kept when they are shown back and right. */
final class LeadsRequest extends FormRequest
{
    public function rules(): array
    {
        return ['leads' => ['required', 'string', 'max:4000'], 'keep' => ['boolean'], 'seen' => ['nullable', 'string', 'max:40']];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['leads' => 'the leads'];
    }

    protected function check(Validator $validator): void
    {
        if (preg_match_all('/\S.*/u', $this->text('leads')) > LeadLines::MOST) {
            $validator->errors()->add('leads', 'At most ' . LeadLines::MOST . ' lines at once.');
        }
    }
}
