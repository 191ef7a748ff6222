<?php

declare(strict_types=1);

namespace App\Http\Requests\Wiring;

use App\Http\Requests\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\Stage\Wiring\Typed\LeadLines;

/** Leads as one types them, a line each; read first, and kept when they are shown back and right. */
final class LeadsRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'drop' => ['array:into,what,amps'],
            'drop.into' => ['required_with:drop', 'string', 'regex:/^[a-z][a-z0-9-]{0,18}$/'],
            'drop.what' => ['required_with:drop', Rule::in(['fuse', 'breaker', 'switch', 'bar'])],
            'drop.amps' => ['required_with:drop', 'numeric', 'between:0.5,2000'],
            'leads' => ['required', 'string', 'max:4000'], 'keep' => ['boolean'], 'seen' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** A part that is dropped into a run in the drawing is such a line too. */
    protected function fillIn(): void
    {
        $drop = $this->input('drop');
        if (is_array($drop) && is_string($drop['into'] ?? null) && is_string($drop['what'] ?? null) && is_string($drop['amps'] ?? null)) {
            $this->merge(['leads' => "{$drop['into']} {$drop['what']} " . trim($drop['amps']) . 'A']);
        }
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['drop.into' => 'the run', 'drop.what' => 'the part', 'drop.amps' => 'its rating', 'leads' => 'the leads'];
    }

    protected function check(Validator $validator): void
    {
        if (preg_match_all('/\S.*/u', $this->text('leads')) > LeadLines::MOST) {
            $validator->errors()->add('leads', 'At most ' . LeadLines::MOST . ' lines at once.');
        }
    }
}
