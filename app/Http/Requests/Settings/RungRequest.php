<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FormRequest;
use App\Models\Job;
use Illuminate\Validation\Validator;
use Pebblefell\Setting\Parameter;

/** A rung of the ladder is moved: which devices, which threshold, from where, to how many volts. */
final class RungRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'rung' => ['required', 'string', 'max:400', 'regex:/^[a-z_]+ [a-z0-9-]+( [a-z0-9-]+)*$/'],
            'volts' => ['required', 'numeric', 'between:1,100'],
            'was' => ['nullable', 'numeric'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['rung' => 'threshold', 'volts' => 'volts'];
    }

    protected function check(Validator $validator): void
    {
        $job = $this->route('job');
        $known = $job instanceof Job ? $job->parts()->whereIn('uid', $this->parts())->count() : 0;
        if ($this->parameter()?->isRung() !== true || $known !== count($this->parts())) {
            $validator->errors()->add('rung', 'Choose a threshold of this job.');
        }
    }

    public function volts(): float
    {
        return (float) $this->number('volts');
    }

    /** Returns what was planned when it was seen; null: it was not seen. */
    public function was(): ?float
    {
        return $this->number('was');
    }

    public function parameter(): ?Parameter
    {
        return Parameter::tryFrom(explode(' ', $this->text('rung'))[0]);
    }

    /**
     * @return list<string> uids
     */
    public function parts(): array
    {
        return array_values(array_unique(array_slice(explode(' ', $this->text('rung')), 1)));
    }
}
