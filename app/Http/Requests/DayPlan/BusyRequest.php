<?php

declare(strict_types=1);

namespace App\Http\Requests\DayPlan;

use App\Http\Requests\FormRequest;

/** A calendar file with the times at which nobody works on vehicles. */
final class BusyRequest extends FormRequest
{
    /** kB. A year of appointments is some hundred. Chosen. */
    private const LARGEST_KB = 2048;

    public function rules(): array
    {
        return ['calendar' => ['required', 'file', 'max:' . self::LARGEST_KB]];
    }

    public function calendarText(): string
    {
        return (string) $this->file('calendar')?->getContent();
    }

    public function fileName(): string
    {
        return mb_substr((string) $this->file('calendar')?->getClientOriginalName(), 0, 120);
    }
}
