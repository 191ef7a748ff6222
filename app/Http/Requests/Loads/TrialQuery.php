<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\Query;

/** The readings of a trial stay; a question, nothing is kept. */
final class TrialQuery extends Query
{
    public function rules(): array
    {
        return [
            'arrive_h' => ['required', 'numeric', 'between:0,24'],
            'arrive_pct' => ['required', 'numeric', 'between:0,100'],
            'morning_h' => ['required', 'numeric', 'between:0,24'],
            'morning_pct' => ['required', 'numeric', 'between:0,100'],
            'afternoon_pct' => ['required', 'numeric', 'between:0,100'],
            'error_pct' => ['required', 'in:2,5,10'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'arrive_h' => 'arrival',
            'arrive_pct' => 'charge on arrival',
            'morning_h' => 'morning',
            'morning_pct' => 'charge in the morning',
            'afternoon_pct' => 'charge next afternoon',
            'error_pct' => 'instrument',
        ];
    }

    /** Everything was asked, and can be. */
    public function isWhole(): bool
    {
        return array_filter(array_keys($this->rules()), fn(string $key): bool => $this->askedNumber($key) === null) === [];
    }

    public function value(string $key): float
    {
        return $this->askedNumber($key) ?? 0.0;
    }
}
