<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\FormRequest;
use App\Http\Requests\SheetFields;
use App\Models\Job;
use App\Models\Part;
use Illuminate\Validation\Rule;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Origin;
use Pebblefell\System\Part as CorePart;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;

/** One part's sheet: names, serial, place, and its data. */
final class PartRequest extends FormRequest
{
    use SheetFields;

    public function rules(): array
    {
        return [
            'make' => ['nullable', 'string', 'max:80'],
            'model' => ['nullable', 'string', 'max:120'],
            'serial' => ['nullable', 'string', 'max:120'],
            'firmware' => ['nullable', 'string', 'max:80'],
            'place' => ['nullable', 'string', 'max:160'],
            'planned_place' => ['nullable', 'string', 'max:160'],
            'role' => ['required', Rule::in(CorePart::ROLES)],
            'note' => ['nullable', 'string', 'max:500'],
            'part_of' => [
                'nullable',
                'string',
                'max:20',
                Rule::notIn([$this->uid()]),
                Rule::exists('parts', 'uid')->where('job_id', $this->jobId()),
            ],
            ...self::sheetRules($this->kind(), $this->unitsHere()),
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
     * @return array<string, mixed> columns of the part
     */
    public function row(Job $job, Part $part): array
    {
        $values = $this->sheetValues($part->kind, $this->units($job), true);
        // What was typed here is no longer the data sheet's word.
        $origins = $part->origins;
        foreach ($values as $key => $value) {
            if (!isset($part->data[$key]) || $part->data[$key] != $value) {
                $origins[$key] = ($key === 'measured_ah' ? Origin::Measured : Origin::Typed)->value;
            }
        }
        try {
            $sheet = DataSheet::of($part->kind, $values, array_map(Origin::from(...), $origins));
        } catch (InvalidValue $e) {
            throw $e->under('/data');
        }

        return [
            'make' => $this->text('make'),
            'model' => $this->text('model'),
            'serial' => $this->text('serial'),
            'firmware' => $this->text('firmware'),
            'place' => $this->text('place'),
            'planned_place' => $this->has('planned_place') ? $this->text('planned_place') : $part->planned_place,
            'role' => $this->text('role'),
            'note' => $this->text('note'),
            'part_of' => $this->has('part_of') ? $this->text('part_of') : $part->part_of,
            // A line that only a newer version knows stays as it is.
            'data' => [...array_diff_key($part->data, $part->kind->fields()), ...$sheet->values],
            'origins' => $sheet->notedOrigins(),
        ];
    }

    private function uid(): string
    {
        $part = $this->route('part');

        return $part instanceof Part ? $part->uid : '';
    }

    private function jobId(): ?int
    {
        $job = $this->route('job');

        return $job instanceof Job ? $job->id : null;
    }

    private function kind(): ?PartKind
    {
        $part = $this->route('part');

        return $part instanceof Part ? $part->kind : null;
    }
}
