<?php

declare(strict_types=1);

namespace App\Http\Requests\Handover;

use App\Http\Requests\FormRequest;
use App\Models\Message;
use App\Record\CleanPicture;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use RuntimeException;

/** Reads what an owner writes to the workshop. */
final class MessageRequest extends FormRequest
{
    private const PICTURE = '/\.(jpe?g|png|webp)$/i';
    private const LOG = '/\.(csv|txt|json|jsonl|ndjson)$/i';

    private ?CleanPicture $picture = null;

    public function rules(): array
    {
        $rules = [
            'text' => ['required', 'string', 'max:4000'],
            'ran_short' => ['nullable', Rule::in(Message::SHORT)],
            'file' => ['nullable', 'file', 'max:' . config('pebblefell.message_max_kb')],
        ];
        foreach (Message::READINGS as $reading) {
            $rules[$reading] = ['nullable', 'numeric', 'between:0,100'];
        }

        return $rules;
    }

    protected function check(Validator $validator): void
    {
        $file = $this->upload();
        if ($file !== null && $this->kind($file) === '') {
            $validator->errors()->add('file', 'A picture (JPEG, PNG, WebP) or a log (CSV, JSON).');
        }
        try {
            if ($file !== null && $this->kind($file) === 'picture') {
                $this->picture = CleanPicture::taken((string) $file->get());
            }
        } catch (RuntimeException $e) {
            $validator->errors()->add('file', 'The picture ' . $e->getMessage() . '.');
        }
    }

    /** Returns what is kept of the file: a picture without what it tells. */
    public function content(UploadedFile $file): string
    {
        return $this->picture->jpeg ?? (string) $file->get();
    }

    public function upload(): ?UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : null;
    }

    public function kind(UploadedFile $file): string
    {
        $name = $file->getClientOriginalName();

        return match (true) {
            preg_match(self::PICTURE, $name) === 1 && @getimagesize($file->getRealPath()) !== false => 'picture',
            preg_match(self::LOG, $name) === 1 => 'log',
            default => '',
        };
    }

    /**
     * @return ?array<string, float>
     */
    public function readings(): ?array
    {
        $readings = [];
        foreach (Message::READINGS as $reading) {
            if ($this->filled($reading)) {
                $readings[$reading] = (float) $this->number($reading);
            }
        }

        return $readings === [] ? null : $readings;
    }
}
