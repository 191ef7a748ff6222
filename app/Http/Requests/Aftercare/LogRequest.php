<?php

declare(strict_types=1);

namespace App\Http\Requests\Aftercare;

use App\Http\Requests\FormRequest;
use Illuminate\Http\UploadedFile;

/** A monitor's log: CSV, or an object a line. */
final class LogRequest extends FormRequest
{
    public function rules(): array
    {
        return ['log' => ['required', 'file', 'max:' . config('pebblefell.log_max_kb')]];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['log.max' => 'The log is larger than ' . (int) (config('pebblefell.log_max_kb') / 1024) . ' MB: send it in parts.'];
    }

    public function upload(): UploadedFile
    {
        /** @var UploadedFile */
        return $this->file('log');
    }
}
