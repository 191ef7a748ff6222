<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\FormRequest;

final class ScenarioRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'sizing' => ['boolean'],
            'inverter_always_on' => ['boolean'],
            'copy_of' => ['nullable', 'string', 'max:20'],
        ];
    }

    /**
     * @return array{name: string, sizing: bool, inverter_always_on: bool}
     */
    public function row(): array
    {
        return [
            'name' => $this->text('name'),
            'sizing' => $this->boolean('sizing'),
            'inverter_always_on' => $this->boolean('inverter_always_on'),
        ];
    }
}
