<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\FormRequest;
use App\Models\Job;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\System\Fate;

/** A conductor between two terminals of the job. Its size is typed in mm² or as a gauge ("2 AWG", "1/0"). */
final class ConductorRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'from_terminal' => ['required', 'string', 'max:60'],
            'to_terminal' => ['required', 'string', 'max:60', 'different:from_terminal'],
            'fate' => ['required', Rule::enum(Fate::class)],
            'size' => ['nullable', 'string', 'max:20'],
            'length_m' => ['nullable', 'numeric', 'between:0.01,500'],
            'insulation_c' => ['nullable', Rule::in(['70', '90', '105'])],
            'route' => ['nullable', 'string', 'max:200'],
            'protected_by' => ['nullable', 'string', 'max:20'],
            'ambient_c' => ['nullable', 'numeric', 'between:-40,300'],
            'grouped' => ['nullable', 'integer', 'between:1,100'],
            'planned_from' => ['nullable', 'string', 'max:60'],
            'planned_to' => ['nullable', 'string', 'max:60'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return [
            'from_terminal' => 'from',
            'to_terminal' => 'to',
            'length_m' => 'length',
            'ambient_c' => 'warmth there',
            'grouped' => 'conductors in its bundle',
        ];
    }

    protected function check(Validator $validator): void
    {
        $job = $this->route('job');
        if (!$job instanceof Job) {
            return;
        }
        $parts = $job->parts()->get()->keyBy('uid');
        foreach (['from_terminal', 'to_terminal', 'planned_from', 'planned_to'] as $key) {
            if (str_starts_with($key, 'planned') && $this->text($key) === '') {
                continue;
            }
            [$uid, $terminal] = [...explode('.', $this->text($key), 2), ''];
            if (!isset($parts->get($uid)?->kind->terminals()[$terminal])) {
                $validator->errors()->add($key, 'Choose a terminal of this job.');
            }
        }
        if ($this->text('protected_by') !== '' && !$parts->has($this->text('protected_by'))) {
            $validator->errors()->add('protected_by', 'Choose a fuse or breaker of this job.');
        }
        try {
            $this->sizeMm2();
        } catch (InvalidValue) {
            $validator->errors()->add('size', 'Write a size as 35 or 35 mm², or as a gauge: 2 AWG, 1/0 AWG.');
        }
    }

    /**
     * @return array<string, mixed> columns of the conductor
     */
    public function row(Job $job): array
    {
        return [
            'from_terminal' => $this->text('from_terminal'),
            'to_terminal' => $this->text('to_terminal'),
            'fate' => $this->text('fate'),
            'size_mm2' => $this->sizeMm2(),
            'length_m' => $this->metric('length_m', 'm', $this->units($job)),
            'insulation_c' => $this->number('insulation_c'),
            'route' => $this->text('route'),
            'protected_by' => $this->text('protected_by'),
            'ambient_c' => $this->metric('ambient_c', '°C', $this->units($job)),
            'grouped' => $this->number('grouped') === null ? null : (int) $this->number('grouped'),
            ...$this->planned(),
        ];
    }

    /**
     * Where the plan leads its ends, where that is another place. What is only planned has no other.
     *
     * @return array<string, ?string>
     */
    private function planned(): array
    {
        $to = fn(string $key, string $found): ?string => in_array(
            $this->text($key),
            ['', $this->text($found)],
            true,
        ) || $this->text('fate') === Fate::Add->value ? null : $this->text($key);

        return ['planned_from' => $to('planned_from', 'from_terminal'), 'planned_to' => $to('planned_to', 'to_terminal')];
    }

    /**
     * @throws InvalidValue when it is neither
     */
    private function sizeMm2(): ?float
    {
        return $this->text('size') === '' ? null : round(ConductorSize::read($this->text('size'))->areaMm2, 3);
    }
}
