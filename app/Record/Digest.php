<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Job;
use App\Words\Lexicon;
use Carbon\CarbonImmutable;
use Pebblefell\Assessment\Skyline;
use Pebblefell\Assessment\StageState;
use Pebblefell\Assessment\Verdict;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Progress;
use Pebblefell\Study;

/**
 * Keeps what the Yard shows of a job: the Yard reads nothing else, whatever stands in a job's rows.
 *
 * It is made in the request that wrote, and again by `start` when the rules themselves have changed. It is a cache of what core says, never
 * the truth.
 */
final class Digest
{
    /**
     * Reads the job's rows back and keeps what core says of them.
     *
     * @throws UnreadableJob when they make no model
     */
    public static function make(Job $job): void
    {
        try {
            Bounds::check($job);
        } catch (InvalidValue $e) {
            throw UnreadableJob::of($job, $e);
        }
        self::keep($job, Studies::of($job));
    }

    /**
     * @param list<int> $jobs ids
     */
    public static function renew(array $jobs): void
    {
        foreach ($jobs as $id) {
            $job = Job::query()->find($id);
            if ($job === null) {
                continue;
            }
            try {
                self::make($job);
            } catch (UnreadableJob $e) {
                self::unreadable($job, $e);
            }
        }
    }

    public static function keep(Job $job, Study $study): void
    {
        $assessment = $study->assessment();
        $progress = Milestones::of($job, $study);
        $until = $progress->caredFor ? Milestones::caredUntil($job) : null;
        self::store($job, [
            ...self::way($job, $study, $progress),
            // What it says from the day on which a visit is due.
            'then' => $until === null ? null : [
                'from' => $until->utc()->format('Y-m-d\TH:i:s\Z'), ...self::way($job, $study, $progress->visitDue()),
            ],
            'stops' => $assessment->count(Severity::Stop),
            'fixes' => $assessment->count(Severity::Fix),
            // What stands, by rule and part: a recall may go by it.
            'findings' => array_values(array_unique(array_map(
                static fn(Verdict $v): string => $v->finding->rule . '@' . $v->finding->subject,
                array_filter($assessment->verdicts, static fn(Verdict $v): bool => $v->isOpen()),
            ))),
        ]);
    }

    /**
     * Returns what is kept of a job as it reads today: a visit comes due by the day, whatever is kept.
     *
     * @return array<string, mixed>
     */
    public static function today(Job $job): array
    {
        $kept = $job->digest ?? [];
        $then = $kept['then'] ?? null;

        return $then !== null && now() >= CarbonImmutable::parse($then['from']) ? [...$kept, ...$then] : $kept;
    }

    /**
     * @return array{states: array<string, string>, next: string, stage: string, finished: bool} how far it is, and what is next
     */
    private static function way(Job $job, Study $study, Progress $progress): array
    {
        $skyline = Skyline::of($study->assessment(), $progress);

        return [
            'states' => array_map(static fn(StageState $s): string => $s->value, $skyline->states),
            'next' => (string) match (true) {
                $skyline->next !== null => Lexicon::of($study->system, $job->show())->finding($skyline->next)->title,
                $skyline->finished => __('stages.handed_over'),
                default => __('stages.next.' . $skyline->nextStage->value),
            },
            'stage' => $skyline->nextStage->value,
            'finished' => $skyline->finished,
        ];
    }

    public static function unreadable(Job $job, UnreadableJob $why): void
    {
        self::store($job, ['unreadable' => ['path' => $why->path, 'message' => $why->getMessage()]]);
    }

    /** Whether what is kept still says what core would say. */
    public static function isFresh(Job $job): bool
    {
        return $job->digest !== null
            && $job->digest_revision === $job->revision
            && ($job->digest['rules'] ?? '') === config('pebblefell.rules');
    }

    /**
     * @param array<string, mixed> $digest
     */
    private static function store(Job $job, array $digest): void
    {
        $row = [
            'digest' => json_encode(['rules' => config('pebblefell.rules'), ...$digest], JSON_THROW_ON_ERROR),
            'digest_revision' => $job->revision,
        ];
        Job::query()->whereKey($job->id)->toBase()->update($row);
        $job->setRawAttributes([...$job->getAttributes(), ...$row], true);
    }
}
