<?php

declare(strict_types=1);

namespace App\Http\Requests\Size;

use App\Http\Requests\FormRequest;
use App\Models\Job;
use Illuminate\Validation\Rule;
use Pebblefell\Chemistry\Chemistry;

/** The wish that the bank is sized for. Each field may come alone. */
final class TargetRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'wish_days' => ['sometimes', 'required', 'numeric', 'between:0.1,60'],
            'target_chemistry' => ['sometimes', 'required', Rule::enum(Chemistry::class)],
            'coldest_battery_c' => ['sometimes', 'nullable', 'numeric', 'between:-60,140'],
            'budget' => ['sometimes', 'nullable', 'numeric', 'between:0,10000000'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['wish_days' => 'days wished', 'coldest_battery_c' => 'coldest battery', 'budget' => 'money'];
    }

    /**
     * @return array<string, mixed> columns of the job
     */
    public function row(Job $job): array
    {
        $row = [];
        if ($this->has('wish_days')) {
            $row['wish_days'] = (float) $this->input('wish_days');
        }
        if ($this->has('target_chemistry')) {
            $row['target_chemistry'] = $this->text('target_chemistry');
        }
        if ($this->has('coldest_battery_c')) {
            $row['coldest_battery_c'] = $this->metric('coldest_battery_c', '°C', $this->units($job));
        }

        if ($this->has('budget')) {
            $row['budget'] = $this->number('budget');
        }

        return $row;
    }
}
