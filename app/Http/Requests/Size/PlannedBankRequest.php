<?php

declare(strict_types=1);

namespace App\Http\Requests\Size;

use App\Http\Requests\FormRequest;
use App\Http\Requests\KeepsChoice;
use Illuminate\Validation\Rule;

final class PlannedBankRequest extends FormRequest
{
    use KeepsChoice;

    public function rules(): array
    {
        return [
            ...self::asChoice(),
            'keep_found' => ['boolean'],
            'library_part_id' => ['required_unless:keep_found,1', 'integer', Rule::exists('library_parts', 'id')->where('kind', 'battery')],
            'count' => ['required_unless:keep_found,1', 'integer', 'between:1,64'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['library_part_id' => 'battery', 'count' => 'how many'];
    }
}
