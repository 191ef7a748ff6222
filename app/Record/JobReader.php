<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Job;
use App\Models\Part;
use App\Models\Photo;
use ErrorException;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use LogicException;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\JobFile;
use Pebblefell\System\System;
use TypeError;
use ValueError;

/**
 * Reads a job's rows as the one model that everything is computed from.
 *
 * The job's own row is read with them, in one snapshot of the database, whatever the caller's copy of it says: a model is of one revision.
 */
final class JobReader
{
    /** Every table of the model in one query each. */
    private const RELATIONS = [
        'customer',
        'place',
        'parts.photos',
        'conductors',
        'signals',
        'scenarios',
        'appliances',
        'settings',
        'measurements',
        'answers',
        'choices',
    ];

    /**
     * @param Job $job is brought up to the rows that were read, its revision too; nothing of it may be unsaved
     *
     * @throws UnreadableJob when the rows do not make a model
     */
    public static function read(Job $job): System
    {
        if ($job->isDirty()) {
            throw new LogicException('A model is read from rows, not from what is not saved yet.');
        }
        // A snapshot begins with the first read of a transaction: within one, behind the lock, it has.
        $now = DB::transactionLevel() > 0 ? self::rows($job->id) : DB::transaction(static fn(): Job => self::rows($job->id));
        $job->setRawAttributes($now->getAttributes(), true);
        $job->setRelations([...$job->getRelations(), ...$now->getRelations()]);
        try {
            return JobFile::fromArray(self::tree($job));
        } catch (InvalidValue|ValueError|TypeError|ErrorException $e) {
            throw UnreadableJob::of($job, $e);
        }
    }

    private static function rows(int $id): Job
    {
        return Job::query()->with(self::RELATIONS)->findOrFail($id);
    }

    /**
     * @return array<string, mixed> the job in the file's terms, without the bytes of its pictures
     */
    private static function tree(Job $job): array
    {
        /**
         * @param Collection<int, covariant Model> $rows
         *
         * @return list<array<string, mixed>>
         */
        $rows = static fn(Collection $rows): array => $rows->map(static fn($row): array => $row->toFile())->values()->all();

        return [
            'title' => $job->title,
            'region' => $job->effectiveRegion()->value,
            'target_chemistry' => $job->target_chemistry,
            'client' => $job->customer?->only(['name', 'email', 'phone', 'address']) ?? ['name' => ''],
            'vehicle' => $job->noted('vehicle'),
            'travel' => $job->noted('travel'),
            'place' => $job->place?->toFile(),
            'parts' => $job->parts->map(static fn(Part $part): array => [
                ...$part->toFile(),
                'data' => $part->kind->knownOf($part->data),
                'photos' => $part->photos->map(static fn(Photo $p): array => [
                    'sha256' => $p->sha256, 'caption' => $p->caption, 'shows' => $p->shows,
                ])->all(),
            ])->values()->all(),
            'conductors' => $rows($job->conductors),
            'signals' => $rows($job->signals),
            'scenarios' => $rows($job->scenarios),
            'appliances' => $rows($job->appliances),
            'settings' => $rows($job->settings),
            'measurements' => $rows($job->measurements),
            'answers' => $rows($job->answers),
            'choices' => $rows($job->choices),
        ];
    }
}
