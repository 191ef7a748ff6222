<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\Stage\Tick;

/** What is noted at a step: done, done otherwise, or taken back; with a reading where one is wanted. */
final class TickRequest extends FormRequest
{
    /** A device's clock may be ahead by so many minutes. Chosen. */
    private const AHEAD_MIN = 10;

    public function rules(): array
    {
        return [
            'client_id' => ['nullable', 'uuid'],
            'read_at' => ['nullable', 'date'],
            'step' => ['required', 'string', 'max:80'],
            'state' => ['required', Rule::in(Tick::STATES)],
            'value' => ['nullable', 'numeric', 'between:-1000000,1000000'],
            'amps' => ['nullable', 'numeric', 'between:0,100000'],
            'note' => ['nullable', 'string', 'max:500'],
            'sure' => ['boolean'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['value' => 'reading', 'note' => 'reason'];
    }

    protected function check(Validator $validator): void
    {
        if ($this->text('state') === Tick::OTHERWISE && trim($this->text('note')) === '') {
            $validator->errors()->add('note', 'Say what was done instead, and why.');
        }
        if ($this->at()->greaterThan(CarbonImmutable::now()->addMinutes(self::AHEAD_MIN))) {
            $validator->errors()->add('read_at', 'It lies in the future: is the clock of the device right?');
        }
    }

    private function at(): CarbonInterface
    {
        return $this->filled('read_at') ? CarbonImmutable::parse($this->text('read_at'))->utc() : CarbonImmutable::now();
    }

    /**
     * @return array{step: string, state: string, value: ?float, amps: ?float, note: string, at: CarbonInterface, by: string,
     *     client_id: ?string}
     */
    public function said(string $by): array
    {
        return [
            'step' => $this->text('step'),
            'state' => $this->text('state'),
            'value' => $this->text('state') === Tick::UNDONE ? null : $this->number('value'),
            'amps' => $this->text('state') === Tick::UNDONE ? null : $this->number('amps'),
            'note' => trim($this->text('note')),
            'at' => $this->at(),
            'by' => $by,
            'client_id' => $this->filled('client_id') ? $this->text('client_id') : null,
        ];
    }
}
