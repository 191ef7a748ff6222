<?php

declare(strict_types=1);

namespace App\Http\Requests\Balance;

use App\Actions\Balance\Bench;
use App\Http\Requests\FormRequest;
use Illuminate\Validation\Rule;
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
