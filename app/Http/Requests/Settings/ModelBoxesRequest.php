<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FormRequest;
use Pebblefell\Setting\Parameter;

/** How a model calls its boxes: box[parameter][has|word|path|place]. */
final class ModelBoxesRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'box' => ['required', 'array', 'max:60'],
            'box.*' => ['array'],
            'box.*.has' => ['nullable', 'boolean'],
            'box.*.word' => ['nullable', 'string', 'max:80'],
            'box.*.path' => ['nullable', 'string', 'max:160'],
            'box.*.place' => ['nullable', 'integer', 'between:0,99'],
            'versions' => ['array'],
            'versions.*' => ['nullable', 'integer', 'between:0,4294967295'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['box.*.word' => 'word', 'box.*.path' => 'way to it', 'box.*.place' => 'order'];
    }

    /**
     * @return array<string, array{has: bool, word: string, path: string, place: int}> by parameter
     */
    public function boxes(): array
    {
        $boxes = [];
        foreach ((array) $this->input('box', []) as $parameter => $box) {
            if (Parameter::tryFrom((string) $parameter) !== null && is_array($box)) {
                $boxes[(string) $parameter] = [
                    'has' => filter_var($box['has'] ?? false, FILTER_VALIDATE_BOOLEAN),
                    'word' => trim((string) ($box['word'] ?? '')),
                    'path' => trim((string) ($box['path'] ?? '')),
                    'place' => (int) ($box['place'] ?? 0),
                ];
            }
        }

        return $boxes;
    }
}
