<?php

declare(strict_types=1);

namespace App\Http\Requests\DayPlan;

use App\Http\Requests\FormRequest;
use App\Models\Workshop;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;

/** When the vehicle comes in, into which bay, and who works on it. */
final class DayPlanRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'starts_on' => ['required', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'starts_at' => ['required', 'date_format:H:i'],
            'bay' => ['nullable', 'string', Rule::in(Workshop::current()->bays ?? [])],
            'people' => ['required', 'integer', 'between:1,12'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['starts_on' => 'day', 'starts_at' => 'hour', 'people' => 'number of people'];
    }

    /**
     * @return array{starts_at: CarbonImmutable, bay: string, people: int}
     */
    public function plan(): array
    {
        return [
            'starts_at' => CarbonImmutable::parse(
                $this->text('starts_on') . ' ' . $this->text('starts_at'),
                Workshop::current()->timezone,
            )->utc(),
            'bay' => $this->text('bay'),
            'people' => (int) $this->number('people'),
        ];
    }
}
