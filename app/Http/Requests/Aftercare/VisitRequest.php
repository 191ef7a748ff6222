<?php

declare(strict_types=1);

namespace App\Http\Requests\Aftercare;

use App\Http\Requests\FormRequest;
use App\Models\Workshop;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;

/** A visit: when, and what was seen and done. */
final class VisitRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'visited_on' => ['required', 'date_format:Y-m-d', 'after:2000-01-01', 'before_or_equal:' . Workshop::current()->today()],
            'note' => ['required', 'string', 'max:500'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['visited_on' => 'day', 'note' => 'note'];
    }

    public function at(): CarbonInterface
    {
        $workshop = Workshop::current();

        return $this->text('visited_on') === $workshop->today()
            ? CarbonImmutable::now()
            : CarbonImmutable::parse($this->text('visited_on') . ' 12:00', $workshop->timezone)->utc();
    }

    public function note(): string
    {
        return trim($this->text('note'));
    }
}
