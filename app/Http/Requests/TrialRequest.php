<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** The readings of a trial stay; a question, nothing is kept. */
final class TrialRequest extends FormRequest
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
        return ['arrive_h' => 'arrival', 'arrive_pct' => 'charge on arrival', 'morning_h' => 'morning', 'morning_pct' => 'charge in the morning', 'afternoon_pct' => 'charge next afternoon', 'error_pct' => 'instrument'];
    }

    /** A question is asked by GET; where it cannot be answered, its page says so at the field. */
    protected function getRedirectUrl(): string
    {
        return url()->route('trial', [$this->route('job')]);
    }

    public function value(string $key): float
    {
        return (float) $this->input($key);
    }
}
