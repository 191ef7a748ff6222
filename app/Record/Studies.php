<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Job;
use Illuminate\Support\Facades\DB;
use Pebblefell\Study;

/**
 * The Study of a job as its rows are now: one in a request, as long as nothing is written.
 *
 * What it simulates is kept in one row beside the job, by the content of the model: playing a year takes far longer than reading it back
 * (`./pebblefell bench`). All else is computed anew, which is as fast.
 */
final class Studies
{
    /** So many endurance maps of one job are kept. Chosen: those that a planner goes to and fro between. */
    private const MAPS = 4;

    /** @var array{string, Study}|null the last one that was asked for in this process */
    private static ?array $last = null;

    /**
     * @throws UnreadableJob when the rows make no model
     */
    public static function of(Job $job): Study
    {
        $key = implode('.', [$job->id, $job->revision, $job->effectiveRegion()->value, Job::writes()]);
        if (self::$last === null || self::$last[0] !== $key) {
            self::$last = [$key, self::open($job)];
        }

        return self::$last[1];
    }

    private static function open(Job $job): Study
    {
        $system = JobReader::read($job);
        $content = hash('xxh128', serialize($system) . config('pebblefell.rules'));
        $before = [];
        $study = Study::of($system, static function () use ($job, $content, &$before): array {
            $row = DB::table('kept_studies')->where('job_id', $job->id)->where('content', $content)->value('simulated');

            return $before = is_string($row) ? self::unpacked($row) : [];
        });
        app()->terminating(static function () use ($job, $content, $study, &$before): void {
            $after = $study->simulated();
            if (array_diff_key($after, $before) !== []) {
                self::keep($job->id, $content, $after);
                $before = $after;
            }
        });

        return $study;
    }

    /**
     * @param array<string, mixed> $simulated
     */
    private static function keep(int $job, string $content, array $simulated): void
    {
        $maps = array_filter($simulated, static fn(string $what): bool => str_starts_with($what, 'map.'), ARRAY_FILTER_USE_KEY);
        $kept = [...array_diff_key($simulated, $maps), ...array_slice($maps, -self::MAPS)];
        // Somebody may have deleted the job meanwhile: then there is nothing to keep.
        DB::statement(
            'INSERT INTO kept_studies (job_id, content, simulated) SELECT id, ?, ? FROM jobs WHERE id = ? '
                . 'ON DUPLICATE KEY UPDATE content = VALUES(content), simulated = VALUES(simulated)',
            [$content, (string) gzdeflate(serialize($kept), 1), $job],
        );
    }

    /**
     * @return array<string, mixed>
     */
    private static function unpacked(string $row): array
    {
        $kept = unserialize((string) gzinflate($row));

        return is_array($kept) ? $kept : [];
    }
}
