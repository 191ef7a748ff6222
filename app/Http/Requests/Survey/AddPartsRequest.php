<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\FormRequest;
use App\Http\Requests\SheetFields;
use App\Models\Job;
use App\Models\LibraryPart;
use Illuminate\Validation\Rule;
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
        return ['library_part_id' => 'part', ...self::sheetNames($this->kindOrNull())];
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

    private function kindOrNull(): ?PartKind
    {
        $library = $this->integer('library_part_id');
        if ($library > 0) {
            return LibraryPart::query()->find($library)?->kind;
        }

        return PartKind::tryFrom($this->text('kind'));
    }
}
