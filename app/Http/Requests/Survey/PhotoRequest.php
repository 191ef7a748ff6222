<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Actions\Survey\RemovePart;
use App\Http\Requests\FormRequest;
use App\Http\Requests\FromOutbox;
use App\Models\Job;
use App\Models\Part;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Pebblefell\System\Photo;

final class PhotoRequest extends FormRequest
{
    use FromOutbox;

    public function rules(): array
    {
        return [
            'photo' => ['required', 'file', 'mimetypes:image/jpeg,image/png,image/webp', 'max:' . config('pebblefell.photo.max_kb')],
            'caption' => ['nullable', 'string', 'max:200'],
            'shows' => ['nullable', 'string', Rule::in([Photo::PLACE, Photo::SCREEN, Photo::ROOF, ...$this->runs()])],
            ...array_diff_key($this->outboxRules(), ['sure' => 0]),
        ];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['photo.mimetypes' => 'A picture is a JPEG, PNG or WebP file.', 'photo.max' => 'The picture is larger than 12 MB.'];
    }

    /**
     * @return list<string> uids of the conductors that end on the part
     */
    private function runs(): array
    {
        [$job, $part] = [$this->route('job'), $this->route('part')];

        return $job instanceof Job && $part instanceof Part ? array_values(
            RemovePart::leads($job, $part)->pluck('uid')->map(strval(...))->all(),
        ) : [];
    }

    public function bytes(): string
    {
        /** @var UploadedFile $file */
        $file = $this->file('photo');

        return (string) $file->get();
    }
}
