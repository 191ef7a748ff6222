<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\FormRequest;
use App\Models\Job;
use Illuminate\Validation\Rule;
use Pebblefell\System\Fate;
use Pebblefell\System\SignalKind;

final class SignalRequest extends FormRequest
{
    public function rules(): array
    {
        $job = $this->route('job');
        $uids = $job instanceof Job ? $job->parts()->pluck('uid')->all() : [];

        return [
            'kind' => ['required', Rule::enum(SignalKind::class)],
            'from_part' => ['required', Rule::in($uids)],
            'to_part' => ['required', Rule::in($uids), 'different:from_part'],
            'fate' => ['required', Rule::enum(Fate::class)],
        ];
    }
}
