<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\LibraryPart;
use Illuminate\Validation\Rule;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;

/** A model in the library with its data sheet. */
final class LibraryPartRequest extends FormRequest
{
    use SheetFields;

    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(PartKind::class)],
            'make' => ['required', 'string', 'max:80'],
            'model' => [
                'required',
                'string',
                'max:120',
                Rule::unique('library_parts')->where('kind', $this->text('kind'))->where('make', $this->text('make'))
                    ->ignore($this->route('libraryPart')),
            ],
            ...self::sheetRules($this->kind(), $this->units()),
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return self::sheetNames($this->kind());
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['model.unique' => 'This make and model is in the library already.'];
    }

    /**
     * @return array<string, mixed> columns of the library part
     */
    public function row(): array
    {
        $kind = $this->kind() ?? PartKind::Battery;
        try {
            $sheet = DataSheet::of($kind, $this->sheetValues($kind, $this->units(), false));
        } catch (InvalidValue $e) {
            throw $e->under('/data');
        }

        return ['kind' => $kind->value, 'make' => $this->text('make'), 'model' => $this->text('model'), 'data' => $sheet->values];
    }

    private function kind(): ?PartKind
    {
        $part = $this->route('libraryPart');

        return $part instanceof LibraryPart ? $part->kind : PartKind::tryFrom($this->text('kind'));
    }
}
