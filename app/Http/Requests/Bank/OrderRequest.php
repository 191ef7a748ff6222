<?php

declare(strict_types=1);

namespace App\Http\Requests\Bank;

use App\Http\Requests\FormRequest;

/** Another order of the batteries, by their numbers as they stand: "2 1 3 4". */
final class OrderRequest extends FormRequest
{
    public function rules(): array
    {
        return ['order' => ['required', 'string', 'max:400', 'regex:/^\s*\d{1,3}([\s,;]+\d{1,3})*\s*$/']];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['order.regex' => 'Numbers with spaces between them: 2 1 3 4.'];
    }

    /**
     * @return list<int>
     */
    public function numbers(): array
    {
        return array_map(intval(...), preg_split('/[^0-9]+/', $this->text('order'), -1, PREG_SPLIT_NO_EMPTY) ?: []);
    }
}
