<?php

declare(strict_types=1);

namespace App\Http\Pages\Survey;

use App\Http\Workbench;
use App\Models\Part as Row;
use App\Models\Photo as PhotoRow;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage\Survey\Condition;
use Pebblefell\System\Fate;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Measurement;
use Pebblefell\System\Part;
use Pebblefell\System\Photo;
use Pebblefell\System\Sheet\DataSheet;

/** One part: its sheet, pictures and readings. */
final readonly class PartPage
{
    public function __construct(private Workbench $bench, public Row $row, private string $from)
    {
    }

    /** The plan puts it somewhere else. */
    public function moves(): bool
    {
        return $this->row->fate === Fate::Move || $this->row->planned_place !== '';
    }

    /** Where one came from. */
    public function back(): string
    {
        return '/jobs/' . $this->bench->job->id . ($this->from === 'handover' ? '/handover' : '/survey');
    }

    /** Lines that were typed or measured here, by name. */
    public function typed(): string
    {
        return implode(
            ', ',
            array_map(
                fn(string $key): string => lcfirst($this->bench->say->field($this->row->kind, $key)),
                array_keys($this->row->origins),
            ),
        );
    }

    /**
     * @return list<Measurement>
     */
    public function readings(): array
    {
        return array_values(array_filter(
            $this->bench->study->system->measurements,
            fn(Measurement $m): bool => $m->partUid === $this->row->uid,
        ));
    }

    /**
     * @return array<string, string> parts that it may be a function of, by uid
     */
    public function boxes(): array
    {
        $parts = array_diff_key($this->bench->study->system->parts, [$this->row->uid => 1]);

        return array_map(
            $this->bench->say->onePart(...),
            array_filter($parts, static fn(Part $p): bool => $p->partOf === '' && !$p->kind->isSundry()),
        );
    }

    /**
     * Returns what a picture of it may show: itself, its place, the runs that end on it.
     *
     * @return array<string, string>
     */
    public function shows(): array
    {
        $graph = $this->bench->study->system->parts;
        $shows = ['' => 'the part itself', Photo::PLACE => 'its place' . ($this->row->place === '' ? '' : ": {$this->row->place}")];
        if ($this->row->kind->kind()->settings() !== []) {
            $shows[Photo::SCREEN] = 'its settings screen';
        }
        if ($this->row->kind->is(Family::Panel)) {
            $shows[Photo::ROOF] = 'the whole roof from above';
        }
        foreach ($this->bench->study->system->conductors as $uid => $conductor) {
            foreach ([[$conductor->from, $conductor->to], [$conductor->to, $conductor->from]] as [$here, $there]) {
                if ($here->uid === $this->row->uid) {
                    $shows[$uid] = "run $uid to " . $this->bench->say->onePart($graph[$there->uid]);
                }
            }
        }

        return $shows;
    }

    public function caption(PhotoRow $photo): string
    {
        return implode(': ', array_filter([$photo->shows === '' ? '' : $this->shows()[$photo->shows] ?? '', $photo->caption]));
    }

    /** Returns what the last reading says of a battery. */
    public function condition(): ?Condition
    {
        $system = $this->bench->study->system;

        return Condition::of($system, $system->parts[$this->row->uid]);
    }

    /**
     * @return array<string, string> what may be measured, with its unit
     */
    public function quantities(): array
    {
        $words = [];
        foreach (Measurement::QUANTITIES as $quantity => $unit) {
            $words[$quantity] = str_replace('_', ' ', $quantity) . ', ' . $unit;
        }

        return $words;
    }

    /** Lines beyond those of the label are noted: then they are shown. */
    public function isDescribed(): bool
    {
        return $this->hidden() !== [] || $this->row->kind->kind()->telling() === [];
    }

    /**
     * Returns what stands in for a line that is not noted, as the field would hold it.
     *
     * @return array<string, string> by line
     */
    public function usual(): array
    {
        $usual = [];
        try {
            $sheet = DataSheet::of($this->row->kind, $this->row->kind->knownOf($this->row->data));
            foreach ($this->row->kind->fields() as $key => $field) {
                $value = $field->type === 'number' && !$field->required ? $this->row->kind->kind()->usual(
                    $sheet,
                    $key,
                    $this->bench->study->system->vehicle->systemV,
                ) : null;
                if ($value !== null && $value > 0.0) {
                    $usual[$key] = '≈ ' . $this->bench->show->field(round($value, 3), $field->unit);
                }
            }
        } catch (InvalidValue) {
            return [];
        }

        return $usual;
    }

    /**
     * @return list<string> lines that are noted beyond those of the label
     */
    private function hidden(): array
    {
        return array_values(array_diff(array_keys($this->row->data), $this->row->kind->kind()->telling()));
    }
}
