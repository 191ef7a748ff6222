<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\FormRequest;
use App\Models\Job;
use App\Record\TypicalLayouts;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

final class TypicalLayoutRequest extends FormRequest
{
    public function rules(): array
    {
        return ['layout' => ['required', Rule::in(array_keys(TypicalLayouts::all()))]];
    }

    protected function check(Validator $validator): void
    {
        $job = $this->route('job');
        if ($job instanceof Job && $job->parts()->exists()) {
            $validator->errors()->add('layout', 'A layout starts an empty survey; this one has parts already.');
        }
    }
}
