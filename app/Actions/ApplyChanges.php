<?php

declare(strict_types=1);

namespace App\Actions;

use App\Actions\Survey\AddParts;
use App\Actions\Survey\RemovePart;
use App\Models\Conductor;
use App\Models\Job;
use App\Models\Part;
use App\Models\Setting;
use App\Models\Signal;
use Pebblefell\Finding\Change;
use Pebblefell\System\Change\Names;
use Pebblefell\System\Fate;

/** Lays changes on a job's plan: all of them, or none. The only way in which a proposal becomes rows. */
final class ApplyChanges
{
    private const ROWS = ['part' => Part::class, 'conductor' => Conductor::class, 'signal' => Signal::class];

    public function __construct(private readonly AddParts $addParts, private readonly RemovePart $removePart)
    {
    }

    /**
     * @param list<Change> $changes
     */
    public function __invoke(Job $job, array $changes): void
    {
        $given = [];
        foreach ($changes as $change) {
            match (true) {
                $change->kind === 'setting' => self::setting($job, $change),
                $change->do === Change::ADD => $given[$change->uid] = $this->add($job, $change, $given),
                $change->do === Change::REMOVE => $this->remove(self::row($job, $change, $given)),
                default => self::set(self::row($job, $change, $given), $change, $given),
            };
        }
        $job->unsetRelations();
    }

    /**
     * @param array<string, string> $given names that rows of this list have got, by those that they had in it
     */
    private function add(Job $job, Change $change, array $given): string
    {
        $row = self::ROWS[$change->kind]::fromFile(array_map(static fn(mixed $v): mixed => Names::real($v, $given), $change->row));

        return $this->addParts->row(
            $job,
            $row::class,
            Names::LETTERS[$change->kind],
            array_diff_key($row->attributesToArray(), ['uid' => true]),
        )->uid;
    }

    private function remove(Part|Conductor|Signal $row): void
    {
        // What was only planned does not get taken out: it is not fitted.
        match (true) {
            $row->fate !== Fate::Add => $row->changeTo(['fate' => Fate::Remove]),
            $row instanceof Part => ($this->removePart)($row),
            default => $row->delete(),
        };
    }

    /**
     * @param array<string, string> $given
     */
    private static function set(Part|Conductor|Signal $row, Change $change, array $given): void
    {
        $row->changeTo([$row::column($change->field) => Names::real($change->value, $given)]);
    }

    private static function setting(Job $job, Change $change): void
    {
        $row = $job->settings()->where('part_uid', $change->uid)->where('parameter', $change->field)->first()
            ?? new Setting();
        $row->job()->associate($job);
        $row->changeTo(['part_uid' => $change->uid, 'parameter' => $change->field, 'planned' => $change->value]);
    }

    /**
     * @param array<string, string> $given
     */
    private static function row(Job $job, Change $change, array $given): Part|Conductor|Signal
    {
        return self::ROWS[$change->kind]::query()->where('job_id', $job->id)->where(
            'uid',
            $given[$change->uid] ?? $change->uid,
        )->firstOrFail();
    }
}
