<?php

declare(strict_types=1);

namespace App\Http\Requests\Balance;

use App\Http\Requests\FormRequest;
use Illuminate\Http\UploadedFile;

/** Readings as a table: a CSV file, or pasted. */
final class ReadingsFileRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'file' => ['nullable', 'file', 'max:20480'],
            'table' => ['required_without:file', 'nullable', 'string', 'max:2000000'],
            'sure' => ['boolean'],
        ];
    }

    public function tableText(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? (string) $file->get() : $this->string('table')->toString();
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['table.required_without' => 'Paste the readings, or choose a file.'];
    }
}
