<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FormRequest;
use App\Models\Job;
use App\Words\Lexicon;
use Illuminate\Validation\Validator;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;

/** One device's sheet: box[parameter][found|planned|as_set|read_back], each a number or "off". */
final class SettingsRequest extends FormRequest
{
    private const COLUMNS = ['found', 'planned', 'as_set', 'read_back'];

    public function rules(): array
    {
        return [
            'box' => ['required', 'array'],
            'box.*' => ['array'],
            'box.*.*' => ['nullable', 'string', 'max:20'],
            'versions' => ['array'],
        ];
    }

    protected function check(Validator $validator): void
    {
        foreach ((array) $this->input('box', []) as $parameter => $values) {
            foreach (is_array($values) ? $values : [] as $column => $value) {
                try {
                    $value === null || trim((string) $value) === '' || $this->metricValue((string) $parameter, (string) $value);
                } catch (InvalidValue $e) {
                    $validator->errors()->add("box.$parameter.$column", ucfirst(Lexicon::plain()->refusal($e)) . '.');
                }
            }
        }
    }

    /**
     * @return array<string, array<string, ?string>> by parameter and column; null is "not recorded"
     */
    public function boxes(): array
    {
        $mayPlan = $this->user()?->can('plan', $this->route('job')) === true;
        $boxes = [];
        foreach ((array) $this->input('box', []) as $parameter => $values) {
            if (Parameter::tryFrom((string) $parameter) === null || !is_array($values)) {
                continue;
            }
            foreach (array_intersect_key($values, array_flip(self::COLUMNS)) as $column => $value) {
                if ($column !== 'planned' || $mayPlan) {
                    $boxes[(string) $parameter][$column] = $value === null || trim((string) $value) === '' ? null : $this->metricValue(
                        (string) $parameter,
                        (string) $value,
                    );
                }
            }
        }

        return $boxes;
    }

    /**
     * @throws InvalidValue
     */
    private function metricValue(string $parameter, string $typed): string
    {
        $value = SetValue::parse($typed);
        $job = $this->route('job');
        if ($value->number === null || !$job instanceof Job) {
            return $value->text();
        }

        return SetValue::number($this->units($job)->read($value->number, Parameter::from($parameter)->unit()))->text();
    }
}
