<?php

declare(strict_types=1);

namespace App\Http\Requests\Handover;

use App\Http\Requests\FormRequest;
use App\Http\Requests\MadeOnce;
use App\Models\Job;
use App\Models\Workshop;
use Illuminate\Validation\Validator;

/** A pack to be issued: until when its link opens. */
final class HandoverRequest extends FormRequest
{
    use MadeOnce;

    public function rules(): array
    {
        return [
            ...$this->numberRules(),
            'expires_on' => ['nullable', 'date_format:Y-m-d', 'after:' . Workshop::current()->today(), 'before:2100-01-01'],
        ];
    }

    protected function check(Validator $validator): void
    {
        $job = $this->route('job');
        assert($job instanceof Job);
        $this->checkNumber($validator, 'pack', (int) $job->handovers()->max('number'));
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['expires_on' => 'last day'];
    }

    public function expiresOn(): ?string
    {
        return $this->filled('expires_on') ? $this->text('expires_on') : null;
    }
}
