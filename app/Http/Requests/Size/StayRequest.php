<?php

declare(strict_types=1);

namespace App\Http\Requests\Size;

use App\Http\Requests\FormRequest;
use App\Models\Job;
use Pebblefell\System\Stay;

/** The typical stay: its month, its days, which of them are driven or hooked up, and which are bright or grey. */
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
            'bright' => ['array'],
            'bright.*' => ['integer', 'between:1,' . Stay::MOST_DAYS],
            'grey' => ['array'],
            'grey.*' => ['integer', 'between:1,' . Stay::MOST_DAYS],
        ];
    }

    /**
     * @return array{stay: array<string, mixed>}
     */
    public function row(Job $job): array
    {
        $days = $this->integer('days');
        // A stay that was shortened forgets the days that it no longer has.
        $list = fn(string $key): array => array_values(array_filter(
            array_map(intval(...), (array) $this->input($key, [])),
            static fn(int $d): bool => $d >= 1 && $d <= $days,
        ));
        [$bright, $grey] = [$list('bright'), $list('grey')];
        // A day that was bright and is now called grey too has become grey; and the other way round.
        $was = (array) ($job->stay['grey'] ?? []);
        $both = array_intersect($bright, $grey);
        $bright = array_values(array_filter($bright, static fn(int $d): bool => !in_array($d, $both, true) || in_array($d, $was, true)));
        $grey = array_values(array_filter($grey, static fn(int $d): bool => !in_array($d, $both, true) || !in_array($d, $was, true)));

        return ['stay' => (new Stay($this->integer('month'), $days, $list('drive'), $list('hook_up'), $bright, $grey))->toArray()];
    }
}
