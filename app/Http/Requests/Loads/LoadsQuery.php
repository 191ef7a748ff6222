<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\Query;
use App\Models\Job;
use Illuminate\Validation\Rule;

/** Which scenario of the loads, which of its pages, and whose lesser figures are open. */
final class LoadsQuery extends Query
{
    public function rules(): array
    {
        $job = $this->route('job');

        return [
            'scenario' => ['nullable', 'string', Rule::in($job instanceof Job ? $job->scenarios->pluck('uid')->all() : [])],
            'more' => ['nullable', 'string', 'max:20'],
            'page' => ['nullable', 'integer', 'between:1,100000'],
        ];
    }
}
