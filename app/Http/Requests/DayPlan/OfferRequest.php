<?php

declare(strict_types=1);

namespace App\Http\Requests\DayPlan;

use App\Http\Requests\FormRequest;
use App\Http\Requests\MadeOnce;
use App\Models\Job;
use App\Models\Workshop;
use Illuminate\Validation\Validator;

/** The terms of an offer: tax, small parts, until when it holds, a few words. */
final class OfferRequest extends FormRequest
{
    use MadeOnce;

    public function rules(): array
    {
        return [
            ...$this->numberRules(),
            'tax_pct' => ['required', 'numeric', 'between:0,60'],
            'sundries' => ['nullable', 'numeric', 'between:0,1000000'],
            'valid_until' => ['required', 'date_format:Y-m-d', 'after_or_equal:' . Workshop::current()->today(), 'before:2100-01-01'],
            'text' => ['nullable', 'string', 'max:2000'],
        ];
    }

    protected function check(Validator $validator): void
    {
        $job = $this->route('job');
        assert($job instanceof Job);
        $this->checkNumber($validator, 'offer', (int) $job->offers()->max('number'));
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['tax_pct' => 'tax', 'sundries' => 'small parts'];
    }

    /**
     * @return array{tax_pct: float, sundries: float, text: string, valid_until: string}
     */
    public function terms(): array
    {
        return [
            'tax_pct' => (float) $this->number('tax_pct'),
            'sundries' => (float) $this->number('sundries'),
            'text' => trim($this->text('text')),
            'valid_until' => $this->text('valid_until'),
        ];
    }
}
