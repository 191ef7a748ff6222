<?php

declare(strict_types=1);

namespace App\Record;

use App\Database\Faults;
use App\Models\Job;
use Closure;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Pebblefell\Assessment\Judged;
use Pebblefell\Study;
use Pebblefell\System\System;
use WeakMap;

/**
 * The Study of a job as its rows are now: one in a request, as long as nothing is written.
 *
 * The model, what was said of it and what it simulates are kept in one row beside the job, for the revision that they were made from:
 * eleven queries and every rule take thirty times as long as reading them back, playing a year far longer (`./pebblefell bench`, decision
 * 22). What is kept under another revision, region or core/ is never looked at.
 */
final class Studies
{
    /**
     * So many of what rests on the library, or on a question, are kept of one job. Chosen: those that a planner goes to and fro between.
     */
    private const ASKED = 4;

    /** @var array{string, Study}|null the last one that was asked for in this process */
    private static ?array $last = null;

    /** @var ?WeakMap<Application, list<Closure(): void>> what is to be kept, by the application that asked */
    private static ?WeakMap $waiting = null;

    /**
     * @throws UnreadableJob when the rows make no model
     */
    public static function of(Job $job): Study
    {
        if (self::$last === null || self::$last[0] !== self::key($job)) {
            $study = self::open($job);
            // Of the revision that it was opened at.
            self::$last = [self::key($job), $study];
        }

        return self::$last[1];
    }

    private static function key(Job $job): string
    {
        return implode('.', [$job->id, self::state($job), Job::writes()]);
    }

    /**
     * The same, of its rows as they are by now.
     *
     * @throws UnreadableJob when the rows make no model
     */
    public static function now(int $job): Study
    {
        return self::of(Job::query()->findOrFail($job));
    }

    /** The mark of what a kept row must have been made from to count. */
    public static function state(Job $job): string
    {
        return hash('xxh128', implode('|', [$job->revision, $job->effectiveRegion()->value, config('pebblefell.rules')]));
    }

    /**
     * Keeps what was worked out when the answer is out; a command that goes through many jobs calls `keepNow()` after each.
     *
     * @param Closure(): void $keep
     */
    private static function afterwards(Closure $keep): void
    {
        self::$waiting ??= new WeakMap();
        self::$waiting[app()] = [...self::$waiting[app()] ?? [], $keep];
        app()->terminating(self::keepNow(...));
    }

    /**
     * Keeps what was read back before a write, since the page after it asks for it: it is kept as soon as others may read it, and before
     * the answer sends the browser there. Should more have been written after it was read, it is let go.
     *
     * @param Closure(): void $keep
     */
    private static function onceWritten(Closure $keep): void
    {
        $writes = Job::writes();
        DB::afterCommit(static function () use ($keep, $writes): void {
            if (Job::writes() === $writes) {
                // What was written is written; a page without it works everything out anew.
                rescue($keep);
            }
        });
    }

    /** Keeps what waits to be kept, and lets go of it. */
    public static function keepNow(): void
    {
        $waiting = self::$waiting === null ? [] : self::$waiting[app()] ?? [];
        if (self::$waiting !== null) {
            self::$waiting[app()] = [];
        }
        foreach ($waiting as $keep) {
            $keep();
        }
    }

    private static function open(Job $job): Study
    {
        // Inside a transaction the rows are ahead of what others may read, and perhaps of the caller's copy of the job's.
        $mayKeep = DB::transactionLevel() === 0;
        if (!$mayKeep) {
            $job->setRawAttributes(Job::query()->findOrFail($job->id)->getAttributes(), true);
        }
        $kept = DB::table('kept_studies')->where('job_id', $job->id)->where('state', self::state($job))->value('model');
        [$system, $judged] = is_string($kept) ? self::model($kept) : [null, null];
        $system ??= JobReader::read($job);
        // Only now: rows that were read have brought the job up to their own revision.
        $state = self::state($job);
        // Read back one by one: a page needs one or two of them.
        $before = null;
        $study = Study::of($system, static function (string $what) use ($job, $state, &$before): ?array {
            $before ??= self::unpacked(DB::table('kept_studies')->where('job_id', $job->id)->where('state', $state)->value('simulated'));

            return isset($before[$what]) ? [unserialize((string) gzinflate($before[$what]))] : null;
        }, $judged);
        $keep = static function () use ($job, $state, $study, $judged, &$before): void {
            $new = array_diff_key($study->simulations->all(), $before ?? []);
            if ($judged === null || $new !== []) {
                $before = [...$before ?? [], ...array_map(self::packed(...), $new)];
                self::keep($job->id, $state, $study, $before);
            }
        };
        if ($mayKeep) {
            self::afterwards($keep);
        } else {
            self::onceWritten($keep);
        }

        return $study;
    }

    /**
     * @param array<string, string> $simulated each by itself, packed
     */
    private static function keep(int $job, string $state, Study $study, array $simulated): void
    {
        if (Disk::isNearlyFull()) {
            return;
        }
        $asked = array_filter($simulated, static fn(string $what): bool => str_contains($what, '.'), ARRAY_FILTER_USE_KEY);
        $kept = [...array_diff_key($simulated, $asked), ...array_slice($asked, -self::ASKED)];
        // Somebody may have deleted the job, or changed it, meanwhile: then there is nothing to keep, or it is never looked at.
        Faults::patiently(static fn(): bool => DB::statement(
            'INSERT INTO kept_studies (job_id, state, model, simulated) SELECT id, ?, ?, ? FROM jobs WHERE id = ? '
                . 'ON DUPLICATE KEY UPDATE state = VALUES(state), model = VALUES(model), simulated = VALUES(simulated)',
            [$state, self::packed([$study->system, $study->judged()]), serialize($kept), $job],
        ));
    }

    /**
     * @return array{?System, ?Judged}
     */
    private static function model(string $row): array
    {
        [$system, $judged] = [...(array) unserialize((string) gzinflate($row)), null, null];

        return $system instanceof System && $judged instanceof Judged ? [$system, $judged] : [null, null];
    }

    private static function packed(mixed $what): string
    {
        return (string) gzdeflate(serialize($what), 1);
    }

    /**
     * @return array<string, string>
     */
    private static function unpacked(mixed $row): array
    {
        $kept = is_string($row) ? unserialize($row) : [];

        return is_array($kept) ? $kept : [];
    }
}
