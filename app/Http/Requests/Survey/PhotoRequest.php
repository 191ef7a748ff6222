<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\FormRequest;
use App\Http\Requests\FromOutbox;
use Illuminate\Http\UploadedFile;

final class PhotoRequest extends FormRequest
{
    use FromOutbox;

    public function rules(): array
    {
        return [
            'photo' => ['required', 'file', 'mimetypes:image/jpeg,image/png,image/webp', 'max:' . config('pebblefell.photo.max_kb')],
            'caption' => ['nullable', 'string', 'max:200'],
            ...array_diff_key($this->outboxRules(), ['sure' => 0]),
        ];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['photo.mimetypes' => 'A picture is a JPEG, PNG or WebP file.', 'photo.max' => 'The picture is larger than 15 MB.'];
    }

    public function bytes(): string
    {
        /** @var UploadedFile $file */
        $file = $this->file('photo');

        return (string) $file->get();
    }
}
