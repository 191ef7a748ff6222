<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Pages\Wiring\LabelSheet;
use App\Models\Workshop;
use App\Words\Lexicon;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Region\Region;

final class WorkshopRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'address' => ['nullable', 'string', 'max:250'],
            'phone' => ['nullable', 'string', 'max:60'],
            'email' => ['nullable', 'email', 'max:190'],
            'region' => ['required', Rule::enum(Region::class)],
            'timezone' => ['required', 'timezone:all'],
            'first_terminal' => ['required', Rule::in(['negative', 'positive'])],
            'currency' => ['required', 'string', 'regex:/^\s*[A-Za-z]{3}\s*$/'],
            'hourly_rate' => ['nullable', 'numeric', 'between:0,100000'],
            'crew' => ['nullable', 'integer', 'between:1,200'],
            'chargers' => ['nullable', 'integer', 'between:1,200'],
            'bays' => ['nullable', 'string', 'max:400'],
            'opens' => ['required', 'date_format:H:i'],
            'closes' => ['required', 'date_format:H:i', 'after:opens'],
            'label_sheet' => ['nullable', 'string', 'max:80'],
            'work_days' => ['required', 'array', 'min:1', 'max:7'],
            'work_days.*' => ['integer', 'between:1,7'],
            'bench' => ['nullable', 'boolean'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['currency.regex' => 'Three letters: EUR, GBP, AUD, USD …'];
    }

    /**
     * @return array<string, mixed> columns of the workshop
     */
    public function validated($key = null, $default = null): array
    {
        return [
            'currency' => strtoupper($this->text('currency')),
            'hourly_rate' => $this->number('hourly_rate'),
            'crew' => $this->filled('crew') ? $this->integer('crew') : null,
            'chargers' => $this->filled('chargers') ? $this->integer('chargers') : null,
            'bays' => $this->bays(),
            'bench' => $this->maySetBench() ? $this->boolean('bench') : Workshop::current()->bench,
            'opens_h' => self::hours($this->text('opens')),
            'closes_h' => self::hours($this->text('closes')),
            'work_days' => array_values(array_unique(array_map(intval(...), (array) $this->input('work_days')))),
        ] + array_map(
            fn(string $k): string => $this->text($k),
            [
                'name' => 'name',
                'address' => 'address',
                'phone' => 'phone',
                'email' => 'email',
                'region' => 'region',
                'first_terminal' => 'first_terminal',
                'timezone' => 'timezone',
                'label_sheet' => 'label_sheet',
            ],
        );
    }

    private function maySetBench(): bool
    {
        return $this->user()?->can('practise', Workshop::class) === true;
    }

    protected function check(Validator $validator): void
    {
        if ($this->has('bench') && !$this->maySetBench() && $this->boolean('bench') !== Workshop::current()->bench) {
            $validator->errors()->add('bench', 'Whether sessions may run on the simulated bench is the office’s choice.');
        }
        try {
            if ($this->text('label_sheet') !== '') {
                LabelSheet::read($this->text('label_sheet'), Region::tryFrom($this->text('region')) ?? Workshop::current()->region);
            }
        } catch (InvalidValue $e) {
            $validator->errors()->add('label_sheet', 'It ' . Lexicon::plain()->refusal($e) . '.');
        }
    }

    /** Hours of a time of day, of "08:30" 8.5. */
    private static function hours(string $time): float
    {
        [$h, $m] = [...array_map(intval(...), explode(':', $time)), 0];

        return $h + $m / 60.0;
    }

    /**
     * @return list<string> as they are called, with commas between them
     */
    private function bays(): array
    {
        return array_values(array_unique(array_filter(
            array_map(trim(...), explode(',', $this->text('bays'))),
            static fn(string $b): bool => $b !== '',
        )));
    }
}
