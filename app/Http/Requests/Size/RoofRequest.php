<?php

declare(strict_types=1);

namespace App\Http\Requests\Size;

use App\Http\Requests\FormRequest;
use App\Models\Job;
use App\Words\Lexicon;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Change;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Roof;
use Pebblefell\System\System;
use Pebblefell\System\Vehicle;

/** Where each panel lies on the roof: m from the front and from the left; or that each finds its place. */
final class RoofRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'free' => ['boolean'],
            'things' => ['sometimes', 'nullable', 'string', 'max:' . Vehicle::fields()->fields['roof_things']->most],
            'picture' => ['nullable', 'string', 'max:' . Vehicle::fields()->fields['roof_picture']->most],
            'at' => [Rule::requiredIf(!$this->has('free') && !$this->has('things')), 'array', 'max:60'],
            'at.*.x' => ['required_without:free', 'numeric', 'between:0,30'],
            'at.*.y' => ['required_without:free', 'numeric', 'between:0,5'],
            'at.*.turned' => ['nullable', 'boolean'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return [
            'at.*.x' => 'from the front', 'at.*.y' => 'from the left', 'at.*.turned' => 'turned across',
            'things' => 'what stands on the roof', 'picture' => 'the picture',
        ];
    }

    /** Tells whether what stands on it is said, not where the panels lie. */
    public function isOfThings(): bool
    {
        return $this->has('things');
    }

    /**
     * @return array<string, mixed> details of the job, with what stands on the roof and where its picture lies
     */
    public function details(Job $job): array
    {
        $said = ['roof_things' => $this->text('things')] + ($this->has('picture') ? ['roof_picture' => $this->text('picture')] : []);

        return [
            ...$job->details ?? [],
            'vehicle' => array_filter([...$job->details['vehicle'] ?? [], ...$said], static fn(mixed $v): bool => $v !== ''),
        ];
    }

    protected function check(Validator $validator): void
    {
        foreach (['things' => Roof::things(...), 'picture' => Roof::picture(...)] as $key => $read) {
            try {
                if ($this->text($key) !== '') {
                    $read($this->text($key));
                }
            } catch (InvalidValue $e) {
                $validator->errors()->add($key, ucfirst(Lexicon::plain()->refusal($e)) . '.');
            }
        }
    }

    /**
     * @return list<Change> none for what is no panel of the plan
     */
    public function changes(System $system): array
    {
        $changes = [];
        foreach ($system->planned()->of(Family::Panel) as $panel) {
            $at = $this->boolean('free') ? [] : $this->input("at.$panel->uid");
            if (is_array($at)) {
                $keys = ['roof_x_m' => 0, 'roof_y_m' => 0, 'roof_turned' => 0];
                $data = array_diff_key($panel->data->values, $keys) + ($at === [] ? [] : [
                    'roof_x_m' => (float) ($at['x'] ?? 0), 'roof_y_m' => (float) ($at['y'] ?? 0), 'roof_turned' => (bool) ($at['turned']
                        ?? false),
                ]);
                $changes[] = Change::setData($panel->uid, $data);
            }
        }

        return $changes;
    }
}
