<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\FormRequest;
use Illuminate\Http\UploadedFile;

final class TrialCsvRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'file' => ['required', 'file', 'max:20480'],
            'time_column' => ['nullable', 'string', 'max:120'],
            'charge_column' => ['nullable', 'string', 'max:120'],
        ];
    }

    public function fileText(): string
    {
        /** @var UploadedFile $file */
        $file = $this->file('file');

        return (string) $file->get();
    }
}
