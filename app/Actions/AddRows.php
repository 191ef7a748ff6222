<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Job;
use App\Support\Progress;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/** Puts many rows into a job at once, as a file brings them: all or none, with one line in the audit trail. */
final class AddRows
{
    private const CHUNK = 500;

    /**
     * @template T of Model
     *
     * @param class-string<T>            $class
     * @param string                     $letter of the uid
     * @param list<array<string, mixed>> $rows   attributes of the model
     * @param ?Progress                  $progress told after every chunk
     */
    public function __invoke(Job $job, string $class, string $letter, array $rows, string $said, ?Progress $progress = null): void
    {
        DB::transaction(static function () use ($job, $class, $letter, $rows, $said, $progress): void {
            $first = $job->takeUids(count($rows));
            $now = now();
            foreach (array_chunk($rows, self::CHUNK, true) as $chunk) {
                $insert = [];
                foreach ($chunk as $i => $attributes) {
                    $row = new $class();
                    $row->fill([...$attributes, 'uid' => $letter . ($first + $i)]);
                    $insert[] = [...$row->getAttributes(), 'job_id' => $job->id, 'lock_version' => 1, 'created_at' => $now, 'updated_at' => $now];
                }
                DB::table((new $class())->getTable())->insert($insert);
                $progress?->tell((int) array_key_last($chunk) + 1, count($rows));
            }
            Job::query()->whereKey($job->id)->toBase()->increment('revision');
            activity()->performedOn($job)->log($said);
        });
    }
}
