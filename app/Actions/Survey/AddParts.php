<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Models\Conductor;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\Part;
use Illuminate\Database\Eloquent\Model;
use Pebblefell\Bank\Arrangement;
use Pebblefell\Bank\Bank;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\Fate;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;

/** Puts parts into a job, one row each; batteries come with the usual links between them. */
final class AddParts
{
    /**
     * @param array<string, mixed> $common make, model, role, place …
     * @param array<string, mixed> $data the data sheet
     * @param array<string, string> $origins of what is not the data sheet's word
     *
     * @return list<Part>
     *
     * @throws InvalidValue at /data/… when the data sheet is not that of its kind
     */
    public function __invoke(
        Job $job,
        PartKind $kind,
        array $common,
        array $data,
        int $count = 1,
        Fate $fate = Fate::Keep,
        array $origins = [],
    ): array {
        try {
            $sheet = DataSheet::of($kind, $data);
        } catch (InvalidValue $e) {
            throw $e->under('/data');
        }

        $parts = [];
        for ($i = 0; $i < $count; ++$i) {
            $parts[] = $this->row(
                $job,
                Part::class,
                'p',
                [...$common, 'kind' => $kind, 'fate' => $fate, 'data' => $sheet->values, 'origins' => $origins],
            );
        }
        if ($kind->is(Family::Battery) && $count > 1) {
            $this->link($job, $parts, $fate);
        }

        return $parts;
    }

    /**
     * @return list<Part>
     */
    public function fromLibrary(Job $job, LibraryPart $library, int $count, Fate $fate, string $place = ''): array
    {
        return $this(
            $job,
            $library->kind,
            ['make' => $library->make, 'model' => $library->model, 'place' => $place],
            $library->data,
            $count,
            $fate,
        );
    }

    /**
     * @template T of Model
     *
     * @param class-string<T>      $class
     * @param array<string, mixed> $attributes
     *
     * @return T
     */
    public function row(Job $job, string $class, string $letter, array $attributes)
    {
        $row = new $class();
        $row->fill([...$attributes, 'uid' => $job->takeUid($letter)]);
        $row->setAttribute('job_id', $job->id);
        $row->save();

        return $row;
    }

    /**
     * Many rows at once, as a file brings them.
     *
     * @param class-string<Model>        $class
     * @param list<array<string, mixed>> $rows  attributes of the model
     */
    public function rows(Job $job, string $class, string $letter, array $rows): void
    {
        $first = $job->takeUids(count($rows));
        foreach ($rows as $i => $attributes) {
            $row = new $class();
            $row->fill([...$attributes, 'uid' => $letter . ($first + $i)]);
            $row->setAttribute('job_id', $job->id);
            $row->save();
        }
    }

    /**
     * @param list<Part> $batteries
     */
    private function link(Job $job, array $batteries, Fate $fate): void
    {
        $series = Bank::seriesFor((float) ($batteries[0]->data['nominal_v'] ?? 12.0), $job->system_v);
        foreach (Arrangement::links(array_map(static fn(Part $p): string => $p->uid, $batteries), $series) as [$from, $to]) {
            $this->row(
                $job,
                Conductor::class,
                'c',
                ['from_terminal' => $from, 'to_terminal' => $to, 'fate' => $fate, 'route' => 'battery link'],
            );
        }
    }
}
