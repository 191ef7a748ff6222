<?php

declare(strict_types=1);

namespace App\Http\Requests\Aftercare;

use App\Http\Requests\FormRequest;
use App\Logs\LogLines;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Validator;

/** A monitor's log: CSV, or an object a line. */
final class LogRequest extends FormRequest
{
    /** So much of a file is looked at to tell what it is, bytes. Chosen. */
    private const LOOK = 65_536;

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

    protected function check(Validator $validator): void
    {
        if ($this->form()[1] === []) {
            $validator->errors()->add('log', 'A log is a CSV file with its columns named in the first line, or JSON with an object a line.');
        }
    }

    public function upload(): UploadedFile
    {
        /** @var UploadedFile */
        return $this->file('log');
    }

    /**
     * @return array{string, list<string>} form and header
     */
    public function form(): array
    {
        $beginning = (string) file_get_contents($this->upload()->getRealPath(), length: self::LOOK);
        if (str_starts_with($beginning, "\xFF\xFE") || str_starts_with($beginning, "\xFE\xFF")) {
            $beginning = (string) mb_convert_encoding($beginning, 'UTF-8', 'UTF-16');
        } elseif (!mb_check_encoding($beginning, 'UTF-8')) {
            $beginning = (string) mb_convert_encoding($beginning, 'UTF-8', 'Windows-1252');
        }

        return LogLines::header($beginning);
    }
}
