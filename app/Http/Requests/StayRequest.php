<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Pebblefell\System\Stay;

/** The typical stay: its month, its days, and which of them are driven or hooked up. */
final class StayRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'month' => ['required', 'integer', 'between:0,12'],
            'days' => ['required', 'integer', 'between:1,' . Stay::MOST_DAYS],
            'drive' => ['array'],
            'drive.*' => ['integer', 'between:1,' . Stay::MOST_DAYS],
            'hook_up' => ['array'],
            'hook_up.*' => ['integer', 'between:1,' . Stay::MOST_DAYS],
        ];
    }

    /**
     * @return array{stay: array{month: int, days: int, drive: list<int>, hook_up: list<int>}}
     */
    public function row(): array
    {
        $days = $this->integer('days');
        // A stay that was shortened forgets the days that it no longer has.
        $list = fn(string $key): array => array_values(array_filter(array_map(intval(...), (array) $this->input($key, [])), static fn(int $d): bool => $d >= 1 && $d <= $days));

        return ['stay' => (new Stay($this->integer('month'), $days, $list('drive'), $list('hook_up')))->toArray()];
    }
}
