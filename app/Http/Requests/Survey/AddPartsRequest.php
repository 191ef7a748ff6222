<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\FormRequest;
use App\Http\Requests\SheetFields;
use App\Models\Job;
use App\Models\LibraryPart;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\Stage\Survey\Typed\TypedLines;
use Pebblefell\System\Fate;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;

/** Parts taken from the library or read off a label. */
final class AddPartsRequest extends FormRequest
{
    use SheetFields;

    public function rules(): array
    {
        return [
            'kind' => ['required_without:library_part_id', Rule::enum(PartKind::class)],
            'library_part_id' => ['nullable', 'integer', Rule::exists('library_parts', 'id')],
            'library' => ['nullable', 'string', 'max:200'],
            'count' => ['required', 'integer', 'between:1,64'],
            'fate' => ['required', Rule::in([Fate::Keep->value, Fate::Add->value])],
            'role' => ['nullable', Rule::in(Part::ROLES)],
            'make' => ['nullable', 'string', 'max:80'],
            'model' => ['nullable', 'string', 'max:120'],
            'place' => ['nullable', 'string', 'max:160'],
            'note' => ['nullable', 'string', 'max:500'],
            ...self::sheetRules($this->kindOrNull(), $this->unitsHere()),
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['library_part_id' => 'part', 'library' => 'from the library', ...self::sheetNames($this->kindOrNull())];
    }

    public function kind(): PartKind
    {
        return $this->kindOrNull() ?? PartKind::Battery;
    }

    public function fate(): Fate
    {
        // Only planners buy; whoever else records, records what is there.
        return $this->user()?->can('plan', $this->route('job')) === true ? Fate::from($this->text('fate')) : Fate::Keep;
    }

    /**
     * @return array<string, string>
     */
    public function common(): array
    {
        return array_filter(['make' => $this->text('make'), 'model' => $this->text('model')])
            + ['role' => $this->text('role') ?: 'house', 'place' => $this->text('place'), 'note' => $this->text('note')];
    }

    /**
     * @return array<string, float|bool|string>
     */
    public function sheet(Job $job): array
    {
        return $this->sheetValues($this->kind(), $this->units($job), true);
    }

    /** A part of the library that was typed takes the place of its number. */
    protected function fillIn(): void
    {
        $found = $this->found();
        if (count($found) === 1) {
            $this->merge(['library_part_id' => (int) $found[0]->uid]);
        }
    }

    protected function check(Validator $validator): void
    {
        $found = $this->found();
        $names = implode(', ', array_map(static fn(Part $p): string => $p->typedName(), array_slice($found, 0, 4)));
        if ($this->typedName() !== '' && count($found) !== 1) {
            $validator->errors()->add(
                'library',
                $found === []
                    ? 'The library has none of that name: read it from the label.'
                    : count($found) . " fit that: $names" . (count($found) > 4 ? ' …' : '') . '.',
            );
        }
    }

    /**
     * @return list<Part> of the library
     */
    private function found(): array
    {
        $kind = PartKind::tryFrom($this->text('kind'));

        return $this->typedName() === '' || $kind === null ? [] : TypedLines::named($this->typedName(), LibraryPart::ofKinds($kind));
    }

    private function typedName(): string
    {
        return is_string($this->input('library')) ? $this->text('library') : '';
    }

    private function kindOrNull(): ?PartKind
    {
        $library = $this->integer('library_part_id');
        if ($library > 0) {
            return LibraryPart::query()->find($library)?->kind;
        }

        return PartKind::tryFrom($this->text('kind'));
    }
}
