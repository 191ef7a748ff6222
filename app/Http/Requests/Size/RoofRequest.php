<?php

declare(strict_types=1);

namespace App\Http\Requests\Size;

use App\Http\Requests\FormRequest;
use Pebblefell\Finding\Change;
use Pebblefell\System\PartKind;
use Pebblefell\System\System;

/** Where each panel lies on the roof: m from the front and from the left; or that each finds its place. */
final class RoofRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'free' => ['boolean'],
            'at' => ['required_without:free', 'array', 'max:60'],
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
        return ['at.*.x' => 'from the front', 'at.*.y' => 'from the left', 'at.*.turned' => 'turned across'];
    }

    /**
     * @return list<Change> none for what is no panel of the plan
     */
    public function changes(System $system): array
    {
        $changes = [];
        foreach ($system->planned()->ofKind(PartKind::Panel) as $panel) {
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
