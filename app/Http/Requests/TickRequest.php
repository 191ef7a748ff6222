<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Tick as Row;
use Carbon\CarbonInterface;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\Stage\NotedTick;

/** Reads what is noted at a step: done, done otherwise, or taken back; with a reading where one is wanted. */
final class TickRequest extends FormRequest
{
    use FromOutbox;

    public function rules(): array
    {
        return [
            ...$this->outboxRules(),
            'step' => ['required', 'string', 'max:80'],
            'state' => ['required', Rule::in(NotedTick::STATES)],
            'value' => ['nullable', 'numeric', 'between:-1000000,1000000'],
            'amps' => ['nullable', 'numeric', 'between:0,100000'],
            'note' => ['nullable', 'string', 'max:' . Row::MOST_NOTE],
            'what' => ['nullable', 'string', 'max:200'],
            'is' => ['nullable', 'string', 'max:120'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['value' => 'reading', 'note' => 'reason', 'is' => 'value'];
    }

    protected function check(Validator $validator): void
    {
        if ($this->text('state') === NotedTick::OTHERWISE && trim($this->text('note')) === '') {
            $validator->errors()->add('note', 'Say what was done instead, and why.');
        }
        $this->checkClock($validator);
    }

    /**
     * Returns what was built otherwise: "c3.size_mm2|35" names it, and what it was planned as when that was seen.
     *
     * @return ?array{what: string, seen: string, is: string}
     */
    public function deviation(): ?array
    {
        [$what, $seen] = [...explode('|', $this->text('what'), 2), ''];

        return $what === '' || $this->text('state') !== NotedTick::OTHERWISE ? null : [
            'what' => $what, 'seen' => $seen, 'is' => trim($this->text('is')),
        ];
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
            'value' => $this->text('state') === NotedTick::UNDONE ? null : $this->number('value'),
            'amps' => $this->text('state') === NotedTick::UNDONE ? null : $this->number('amps'),
            'note' => trim($this->text('note')),
            'at' => $this->at(),
            'by' => $by,
            'client_id' => $this->clientId(),
        ];
    }
}
