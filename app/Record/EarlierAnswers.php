<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Answer;
use App\Models\Job;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Pebblefell\Assessment\FormerAnswers;

/** Answers that an earlier release kept: each gets the fingerprint of the one finding that it was given to; the others are asked again. */
final class EarlierAnswers
{
    /** Gives a job's answers their fingerprints of today, where there is no doubt. */
    public static function fit(Job $job): void
    {
        $answers = $job->answers()->get()->values();
        foreach (FormerAnswers::fitted(Studies::of($job)) as $i => $fingerprint) {
            $answers->get($i)?->update(['fingerprint' => $fingerprint]);
        }
    }

    /**
     * The same in all jobs.
     *
     * @return int how many are asked again: those that fit no finding, and have not been given anew
     */
    public static function fitAll(): int
    {
        foreach (Job::query()->whereIn('id', self::former()->select('job_id'))->pluck('id') as $id) {
            DB::transaction(static function () use ($id): void {
                try {
                    self::fit(Job::held((int) $id));
                } catch (UnreadableJob) {
                    // Its page says why; they are fitted at the next start after it was mended.
                }
            });
        }

        return self::former()->whereNotExists(static fn($anew) => $anew->from('answers as anew')->whereColumn(
            'anew.job_id',
            'answers.job_id',
        )->whereColumn('anew.finding', 'answers.finding')->whereColumn('anew.id', '>', 'answers.id'))->count();
    }

    /** @return Builder<Answer> */
    private static function former(): Builder
    {
        return Answer::query()->whereRaw("fingerprint NOT RLIKE '^[0-9a-f]{64}$'");
    }
}
