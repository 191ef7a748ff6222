<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\Workshop;
use Illuminate\Contracts\Validation\Validator as Checked;
use Illuminate\Foundation\Http\FormRequest as BaseRequest;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use Illuminate\Validation\Validator;
use Pebblefell\Region\Units;

/**
 * A form of this application. Who may send it is the route's business; here it is only read.
 *
 * What has the wrong shape (a list where one value is asked for, a number that no machine can hold) is refused before any rule looks at it,
 * so that rules and what follows them meet only values of the shape that they name.
 */
abstract class FormRequest extends BaseRequest
{
    use GoesBack;

    /** Holds what any form may carry besides its own fields. */
    private const COMMON = [
        '_form' => ['nullable', 'string', 'max:120'],
        'back' => ['nullable', 'string', 'max:2000'],
        'lock_version' => ['nullable', 'integer', 'between:0,4294967295'],
        'keep_theirs' => ['array', 'max:200'],
        'keep_theirs.*' => ['string', 'max:80'],
    ];

    /** A text is no longer than this unless its rule allows more. */
    private const LONGEST = 10_000;

    /** Beyond this, nothing in a vehicle is a number that somebody meant. */
    private const LARGEST = 1e15;

    public function authorize(): bool
    {
        return true;
    }

    /**
     * @return array<string, mixed>
     */
    abstract public function rules(): array;

    /**
     * Checks what only makes sense once every field is well formed.
     *
     * @return list<callable(Validator): void>
     */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty()) {
                $this->check($validator);
            }
        }];
    }

    /** Faults that lie between fields, or between a field and the job. */
    protected function check(Validator $validator): void
    {
    }

    /** Fills in what an empty field stands for. */
    protected function fillIn(): void
    {
    }

    final protected function prepareForValidation(): void
    {
        $rules = $this->validationRules();
        $faults = $this->misshapen($rules);
        if ($faults !== []) {
            $this->failedValidation(tap(validator([], []), static function (Validator $v) use ($faults): void {
                $v->fails();
                $v->errors()->merge(array_map(static fn(string $f): array => [$f], $faults));
            }));
            $rules = $this->validationRules();
        }
        $this->fillIn();
        $this->readCommas($rules);
    }

    /**
     * @return array<string, mixed>
     */
    protected function validationRules(): array
    {
        return [...self::COMMON, ...$this->rules()];
    }

    /**
     * @return mixed the form's own fields
     */
    public function validated($key = null, $default = null): mixed
    {
        $own = Arr::except(parent::validated(), ['_form', 'back', 'lock_version', 'keep_theirs']);

        return data_get($own, $key, $default);
    }

    /** The units in which this form was filled in. */
    protected function units(?Job $job = null): Units
    {
        return ($job?->effectiveRegion() ?? Workshop::current()->region)->units();
    }

    /** Of the job that the address names, else of the workshop. */
    protected function unitsHere(): Units
    {
        $job = $this->route('job');

        return $this->units($job instanceof Job ? $job : null);
    }

    /** A number as typed, or null when the field is empty. */
    protected function number(string $key): ?float
    {
        $value = $this->input($key);

        return is_numeric($value) ? (float) $value : null;
    }

    /** A number typed in the region's unit, in the metric one. */
    protected function metric(string $key, string $unit, Units $units): ?float
    {
        $value = $this->number($key);

        return $value === null ? null : round($units->read($value, $unit), 6);
    }

    protected function text(string $key): string
    {
        $value = $this->input($key);

        return is_scalar($value) ? trim((string) $value) : '';
    }

    /**
     * Lists where one value is asked for, texts without end, numbers without bound.
     *
     * @param array<string, mixed> $rules
     *
     * @return array<string, string> message by field
     */
    private function misshapen(array $rules): array
    {
        $faults = [];
        $lists = [];
        foreach (array_keys($rules) as $key) {
            if (self::ruledBy($rules[$key], 'array') || str_contains((string) $key, '.')) {
                $lists[strtok((string) $key, '.')] = true;
            }
        }
        foreach ($this->except(['_token', '_method']) as $key => $value) {
            $key = (string) $key;
            if (is_array($value) && !isset($lists[$key])) {
                $faults[$key] = __('validation.one_value', ['attribute' => self::named($this, $key)]);
            } elseif (!is_array($value) && isset($lists[$key]) && $value !== null) {
                $faults[$key] = __('validation.array', ['attribute' => self::named($this, $key)]);
            }
        }
        foreach (Arr::dot($this->except(['_token', '_method', ...array_keys($faults)])) as $key => $value) {
            $rule = self::ruleOf($rules, (string) $key);
            if (is_string($value) && mb_strlen($value) > self::LONGEST && !self::allowsLong($rule)) {
                $faults[(string) $key] = __(
                    'validation.max.string',
                    ['attribute' => self::named($this, (string) $key), 'max' => self::LONGEST],
                );
            } elseif (self::ruledBy($rule, 'numeric') && is_scalar($value) && is_numeric(
                $plain = self::plainNumber((string) $value),
            ) && abs((float) $plain) > self::LARGEST) {
                $faults[(string) $key] = __('validation.too_large', ['attribute' => self::named($this, (string) $key)]);
            }
        }

        return $faults;
    }

    /**
     * Decimal commas are read as points, in every number and in lists of them.
     *
     * @param array<string, mixed> $rules
     */
    private function readCommas(array $rules): void
    {
        foreach (Arr::dot($this->input()) as $key => $value) {
            if (is_string($value) && self::ruledBy(
                self::ruleOf($rules, (string) $key),
                'numeric',
            ) && is_numeric($plain = self::plainNumber($value))) {
                $top = strtok((string) $key, '.');
                $rest = substr((string) $key, strlen((string) $top) + 1);
                if ($rest === '') {
                    $this->merge([$top => $plain]);
                } else {
                    $list = $this->input((string) $top);
                    Arr::set($list, $rest, $plain);
                    $this->merge([$top => $list]);
                }
            }
        }
    }

    /** A number as people write it: "1 250,5", "−3". */
    private static function plainNumber(string $text): string
    {
        return $text === 'INF' || $text === '-INF' ? '1e99' : str_replace(
            [',', '−', ' ', "\u{202F}", "\u{A0}"],
            ['.', '-', '', '', ''],
            trim($text),
        );
    }

    /**
     * @param array<string, mixed> $rules
     */
    private static function ruleOf(array $rules, string $key): mixed
    {
        if (isset($rules[$key])) {
            return $rules[$key];
        }
        foreach ($rules as $pattern => $rule) {
            if (str_contains((string) $pattern, '*') && preg_match(
                '/^' . str_replace('\*', '[^.]+', preg_quote((string) $pattern, '/')) . '$/',
                $key,
            ) === 1) {
                return $rule;
            }
        }

        return null;
    }

    private static function ruledBy(mixed $rule, string $name): bool
    {
        return is_array($rule) && in_array($name, $rule, true);
    }

    private static function allowsLong(mixed $rule): bool
    {
        foreach (is_array($rule) ? $rule : [] as $one) {
            if (is_string($one) && preg_match('/^max:(\d+)$/', $one, $m) === 1 && (int) $m[1] > self::LONGEST) {
                return true;
            }
        }

        return false;
    }

    private static function named(self $request, string $key): string
    {
        return $request->attributes()[$key] ?? str_replace(['_', '.'], ' ', $key);
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return [];
    }

    protected function failedValidation(Checked $validator): void
    {
        throw (new ValidationException($validator))->errorBag($this->errorBag)->redirectTo($this->getRedirectUrl());
    }
}
