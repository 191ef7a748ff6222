<?php

declare(strict_types=1);

namespace App\Http\Requests\Balance;

use App\Actions\Balance\Bench;
use App\Http\Requests\FormRequest;
use App\Models\Workshop;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\Balance\BenchBattery;
use Pebblefell\Balance\BenchCharger;

/** How the simulated bench reads: its speed, which charger is on it, and what is hidden in the batteries. */
final class BenchRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'speed' => ['required', 'numeric', Rule::in(array_map(static fn(float $s): string => (string) $s, Bench::SPEEDS))],
            'source' => ['required', Rule::enum(BenchCharger::class)],
            'fault' => ['array', 'max:64'],
            'fault.*' => ['nullable', Rule::in(BenchBattery::FAULTS)],
        ];
    }

    protected function check(Validator $validator): void
    {
        if (!Workshop::current()->bench) {
            $validator->errors()->add('form', 'This workshop does not use the simulated bench. The office can allow it, under Workshop.');
        }
    }

    public function speed(): float
    {
        return (float) $this->number('speed');
    }

    public function charger(): BenchCharger
    {
        return BenchCharger::from($this->text('source'));
    }

    /**
     * @return array<string, string> by part uid
     */
    public function faults(): array
    {
        $faults = [];
        foreach ((array) $this->input('fault', []) as $uid => $fault) {
            $faults[(string) $uid] = (string) $fault;
        }

        return $faults;
    }
}
