<?php

declare(strict_types=1);

namespace App\Actions\Handover;

use App\Models\Handover;
use App\Models\Job;
use App\Models\User;
use App\Pack\Pack;
use App\Record\JobFiles;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Issues a pack: the job as it is now, kept for good under a private token. */
final class IssueHandover
{
    public function __invoke(Job $job, User $by): Handover
    {
        return DB::transaction(static function () use ($job, $by): Handover {
            Job::query()->whereKey($job->id)->lockForUpdate()->firstOrFail();
            $handover = new Handover([
                'number' => 1 + (int) $job->handovers()->max('number'),
                'token' => Str::random(40),
                'document' => JobFiles::export($job),
                'issued_by' => $by->name,
            ]);
            $handover->job()->associate($job);
            $handover->save();
            self::freeze($handover);

            return $handover;
        });
    }

    /** Lays the pack out once, as rules and words are now, and keeps what came out. */
    public static function freeze(Handover $handover): void
    {
        $pack = Pack::of($handover->refresh());
        $handover->fill(['page' => $pack->body(), 'pdf' => $pack->pdf(), 'pictures' => $pack->pictures()]);
        $handover->saveQuietly();
    }
}
