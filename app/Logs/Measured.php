<?php

declare(strict_types=1);

namespace App\Logs;

use App\Models\LogFile;
use App\Models\Measurement;
use App\Models\Part;
use App\Record\PastDurations;
use App\Record\Studies;
use App\Record\UnreadableJob;
use Pebblefell\Schedule\Took;
use Pebblefell\Stage\Aftercare\LogJudge;

/**
 * Tells what was promised beside what was measured, over all jobs: budgets by their logs, durations by the ticks, batteries by their
 * capacity tests.
 */
final class Measured
{
    /** So many logs, the latest, are looked at. Chosen. */
    private const LOGS = 60;

    /** Capacity tests, the latest. Chosen. */
    private const TESTS = 2000;

    /**
     * @return list<array{job: int, title: string, planned: float, out: float, share: float}> Wh a day, and % of the plan
     */
    public static function budgets(): array
    {
        $rows = [];
        $logs = LogFile::query()->whereNotNull('finished_at')->whereNotNull('days')->with('job')->latest('id')->limit(self::LOGS)->get();
        foreach ($logs as $log) {
            if ($log->job === null) {
                continue;
            }
            try {
                $planned = Studies::of($log->job)->loads()->budget->energyWhDay;
            } catch (UnreadableJob) {
                continue;
            }
            $out = LogJudge::outWh(LogSums::of($log));
            if ($out !== null && $planned > 0.0) {
                $rows[] = [
                    'job' => $log->job->id, 'title' => $log->job->title, 'planned' => $planned, 'out' => $out,
                    'share' => 100.0 * $out / $planned,
                ];
            }
        }

        return $rows;
    }

    /**
     * @return array<string, Took> minutes by what is done
     */
    public static function durations(): array
    {
        return PastDurations::all();
    }

    /**
     * @return list<array{model: string, tests: int, jobs: int, share: float, least: float}> measured Ah in % of the label's, by model;
     *     the poorest first
     */
    public static function batteries(): array
    {
        $by = [];
        $tests = Measurement::query()->where('quantity', 'capacity')->latest('id')->limit(self::TESTS)->get(
            ['job_id', 'part_uid', 'value'],
        );
        $parts = Part::query()->whereIn('job_id', $tests->pluck('job_id')->unique())->where('kind', 'battery')
            ->get(['job_id', 'uid', 'make', 'model', 'data'])->keyBy(static fn(Part $p): string => "$p->job_id $p->uid");
        foreach ($tests as $test) {
            $part = $parts->get("$test->job_id $test->part_uid");
            $label = (float) ($part->data['capacity_ah'] ?? 0.0);
            if ($part !== null && $label > 0.0 && $part->model !== '') {
                $by["$part->make $part->model"][] = [$test->job_id, $test->value / $label];
            }
        }
        $rows = [];
        foreach ($by as $model => $measured) {
            $shares = array_column($measured, 1);
            $rows[] = [
                'model' => $model, 'tests' => count($measured), 'jobs' => count(array_unique(array_column($measured, 0))),
                'share' => 100.0 * array_sum($shares) / count($shares), 'least' => 100.0 * min($shares),
            ];
        }
        usort($rows, static fn(array $a, array $b): int => $a['share'] <=> $b['share']);

        return $rows;
    }
}
