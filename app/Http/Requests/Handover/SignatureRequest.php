<?php

declare(strict_types=1);

namespace App\Http\Requests\Handover;

use App\Http\Requests\FormRequest;
use App\Models\Signature;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Support\Str;
use Illuminate\Validation\Validator;

/** A signature: a name, and what the finger drew; it may have waited for a network. */
final class SignatureRequest extends FormRequest
{
    /** A device's clock may be ahead by so many minutes. Chosen. */
    private const AHEAD_MIN = 10;

    public function rules(): array
    {
        return [
            'client_id' => ['nullable', 'uuid'],
            'read_at' => ['nullable', 'date'],
            'signed_by' => ['required', 'string', 'max:120'],
            'strokes' => ['nullable', 'string', 'max:60000'],
            'sure' => ['boolean'],
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
        if ($this->at()->greaterThan(CarbonImmutable::now()->addMinutes(self::AHEAD_MIN))) {
            $validator->errors()->add('signed_by', 'It lies in the future: is the clock of the device right?');
        }
    }

    public function name(): string
    {
        return trim($this->text('signed_by'));
    }

    public function strokes(): string
    {
        return $this->text('strokes');
    }

    public function at(): CarbonInterface
    {
        return $this->filled('read_at') ? CarbonImmutable::parse($this->text('read_at'))->utc() : CarbonImmutable::now()->utc();
    }

    /** Of the device; without scripts each sending is one of its own. */
    public function clientId(): string
    {
        return $this->filled('client_id') ? $this->text('client_id') : (string) Str::uuid();
    }
}
