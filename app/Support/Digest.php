<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Job;
use Pebblefell\Assessment\Assessment;
use Pebblefell\Assessment\Skyline;
use Pebblefell\Assessment\StageState;
use Pebblefell\Finding\Severity;

/**
 * What the Yard shows of a job, kept beside it so that the Yard need not compute every job anew.
 *
 * It is a cache of what core says, never the truth: it counts as long as its revision is the job's.
 */
final class Digest
{
    /** Raised whenever a rule changes, so that what was kept before counts no more. */
    public const RULES = 6;

    /** Brings a job's digest up to date if its model has moved on. */
    public static function refresh(Job $job): void
    {
        if ($job->digest !== null && $job->digest_revision === $job->revision && ($job->digest['rules'] ?? 0) === self::RULES) {
            return;
        }
        self::keep($job, Assessment::of(SystemReader::read($job)));
    }

    public static function keep(Job $job, Assessment $assessment): void
    {
        $skyline = Skyline::of($assessment, $job->handovers()->whereNull('revoked_at')->exists(), $job->isBalanced($assessment));
        $digest = [
            'rules' => self::RULES,
            'states' => array_map(static fn(StageState $s): string => $s->value, $skyline->states),
            'next' => $skyline->next,
            'stage' => $skyline->nextStage->value,
            'stops' => $assessment->count(Severity::Stop),
            'fixes' => $assessment->count(Severity::Fix),
            'finished' => $skyline->finished,
        ];
        Job::query()->whereKey($job->id)->toBase()->update(['digest' => json_encode($digest), 'digest_revision' => $job->revision]);
        $job->setRawAttributes([...$job->getAttributes(), 'digest' => json_encode($digest), 'digest_revision' => $job->revision], true);
    }
}
