<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FormRequest;
use App\Http\Requests\FromOutbox;
use App\Models\Job;
use App\Words\Lexicon;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;

/** One value that was typed into a device: maybe without a network, maybe some time ago. */
final class TypedBoxesRequest extends FormRequest
{
    use FromOutbox;

    public function rules(): array
    {
        return [
            ...$this->outboxRules(),
            'parameter' => ['required', Rule::enum(Parameter::class)],
            'as_set' => ['required', 'string', 'max:20'],
        ];
    }

    protected function check(Validator $validator): void
    {
        try {
            $this->value();
        } catch (InvalidValue $e) {
            $validator->errors()->add('as_set', ucfirst(Lexicon::plain()->refusal($e)) . '.');
        }
        $this->checkClock($validator);
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['as_set' => 'value'];
    }

    public function parameter(): Parameter
    {
        return Parameter::from($this->text('parameter'));
    }

    /**
     * In the parameter's own unit.
     *
     * @throws InvalidValue
     */
    public function value(): SetValue
    {
        $value = SetValue::parse($this->text('as_set'));
        $job = $this->route('job');

        return $value->number === null || !$job instanceof Job
            ? $value
            : SetValue::number($this->units($job)->read($value->number, $this->parameter()->unit()));
    }
}
