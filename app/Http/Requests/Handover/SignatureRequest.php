<?php

declare(strict_types=1);

namespace App\Http\Requests\Handover;

use App\Http\Requests\FormRequest;
use App\Http\Requests\FromOutbox;
use App\Models\Signature;
use Illuminate\Validation\Validator;

/** A signature: a name, and what the finger drew; it may have waited for a network. */
final class SignatureRequest extends FormRequest
{
    use FromOutbox;

    public function rules(): array
    {
        return [
            ...$this->outboxRules(),
            'signed_by' => ['required', 'string', 'max:120'],
            'strokes' => ['nullable', 'string', 'max:60000'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['signed_by' => 'name'];
    }

    protected function check(Validator $validator): void
    {
        if (preg_match(Signature::PATTERN, $this->strokes()) !== 1) {
            $validator->errors()->add('strokes', 'The signature could not be read. Sign again.');
        }
        $this->checkClock($validator, 'signed_by');
    }

    public function name(): string
    {
        return trim($this->text('signed_by'));
    }

    public function strokes(): string
    {
        return $this->text('strokes');
    }
}
