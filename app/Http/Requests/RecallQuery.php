<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Record\Recall;
use Illuminate\Validation\Rule;
use Pebblefell\Setting\Parameter;

/**
 * Reads what is called back: parts by model, firmware and serials, or what a box was set to.
 *
 * @phpstan-import-type Asked from Recall
 */
final class RecallQuery extends Query
{
    public function rules(): array
    {
        return [
            'model' => ['nullable', 'string', 'max:80'],
            'firmware' => ['nullable', 'string', 'max:40'],
            'from' => ['nullable', 'string', 'max:60'],
            'to' => ['nullable', 'string', 'max:60'],
            'parameter' => ['nullable', Rule::enum(Parameter::class)],
            'is' => ['nullable', Rule::in(['on', 'off', 'above', 'below'])],
            'value' => ['nullable', 'numeric', 'between:-1000,1000'],
            'finding' => ['nullable', 'string', 'max:80'],
            'way' => ['nullable', Rule::in(['letter', 'e-mail'])],
            'why' => ['nullable', 'string', 'max:1000'],
            'page' => ['nullable', 'integer', 'between:1,100000'],
        ];
    }

    public function isAsked(): bool
    {
        foreach (['model', 'firmware', 'from', 'to', 'parameter', 'finding'] as $key) {
            if ($this->asked($key) !== '') {
                return true;
            }
        }

        return false;
    }

    /** Names this recall, whatever page of it is looked at. */
    public function recall(): string
    {
        return md5((string) json_encode($this->terms()));
    }

    public function why(): string
    {
        return $this->asked('why');
    }

    /**
     * @return Asked '': not asked
     */
    public function terms(): array
    {
        return [
            'model' => $this->asked('model'),
            'firmware' => $this->asked('firmware'),
            'from' => $this->asked('from'),
            'to' => $this->asked('to'),
            'parameter' => $this->asked('parameter'),
            'is' => $this->asked('is'),
            'value' => (float) $this->askedNumber('value'),
            'finding' => $this->asked('finding'),
        ];
    }
}
