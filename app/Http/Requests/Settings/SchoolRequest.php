<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FormRequest;
use Illuminate\Validation\Rule;
use Pebblefell\Setting\School;

/** Which school of charging a job follows. */
final class SchoolRequest extends FormRequest
{
    public function rules(): array
    {
        return ['school' => ['required', Rule::enum(School::class)]];
    }
}
