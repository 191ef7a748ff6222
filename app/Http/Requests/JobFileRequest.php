<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\UploadedFile;

final class JobFileRequest extends FormRequest
{
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:71680']];
    }

    public function fileText(): string
    {
        /** @var UploadedFile $file */
        $file = $this->file('file');

        return (string) $file->get();
    }
}
