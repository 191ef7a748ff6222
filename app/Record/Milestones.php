<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Job;
use App\Models\Tick;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Closure;
use Illuminate\Support\Facades\DB;
use Pebblefell\Stage\DayPlan\RunSheet;
use Pebblefell\Stage\DayPlan\Standing;
use Pebblefell\Stage\Progress;
use Pebblefell\Stage\Test\Proven;
use Pebblefell\Stage\Test\TestSheet;
use Pebblefell\Study;

/** Tells what has been done with a job that its model does not hold. */
final class Milestones
{
    /** All of it in one question: every page of a job asks this. */
    private const ASKED = <<<'SQL'
        SELECT
            (SELECT MAX(noted_at) FROM ticks WHERE job_id = j.id AND sheet = ?) AS visited,
            (SELECT MAX(id) FROM ticks WHERE job_id = j.id AND sheet = ? AND step = ?) AS worked,
            (SELECT MAX(id) FROM ticks WHERE job_id = j.id AND sheet = ? AND step = ?) AS proven,
            (SELECT MAX(created_at) FROM handovers WHERE job_id = j.id AND revoked_at IS NULL) AS handed_over,
            (SELECT COUNT(*) FROM ticks WHERE job_id = j.id) AS latest,
        SQL . Balanced::ASKED . ' AS alike FROM jobs j WHERE j.id = ?';

    public static function of(Job $job, Study $study): Progress
    {
        $asked = DB::selectOne(self::ASKED, [Tick::VISIT, Tick::DAY_PLAN, RunSheet::LAST, Tick::TEST, TestSheet::LAST, $job->id]);
        $balanced = Balanced::isSo($asked->alike, $study);
        $seen = self::later($asked->handed_over, $asked->visited);
        // As long as the last line of a sheet is not noted, nothing more is asked of it; then its verdict stands until something is noted.
        $noted = (int) $balanced . "-$asked->latest";
        $verdict = static fn(string $what, Closure $judge): bool => $study->simulations->verdict("$what.$noted", $judge);

        return new Progress(
            $asked->handed_over !== null,
            $balanced,
            $asked->worked !== null && $verdict('worked', static fn(): bool => self::isWorked($job, $study, $balanced)),
            $asked->proven !== null && $verdict('proven', static fn(): bool => self::isProven($job, $study)),
            $seen !== null && now() < $seen->addYear(),
        );
    }

    /** When it was handed over, or last visited; null before. */
    public static function lastSeen(Job $job): ?CarbonInterface
    {
        return self::later(
            $job->handovers()->whereNull('revoked_at')->max('created_at'),
            $job->ticks()->where('sheet', Tick::VISIT)->max('noted_at'),
        );
    }

    /** When a visit is due; null before it was handed over. */
    public static function caredUntil(Job $job): ?CarbonInterface
    {
        return self::lastSeen($job)?->addYear();
    }

    private static function later(mixed $handedOver, mixed $visited): ?CarbonInterface
    {
        return $handedOver === null ? null : CarbonImmutable::parse(max((string) $handedOver, (string) $visited));
    }

    /** Every step of the run sheet is done. */
    private static function isWorked(Job $job, Study $study, bool $balanced): bool
    {
        return Standing::of(
            $study->runSheet(),
            DayDesk::ticks($job, Tick::DAY_PLAN),
            $balanced,
            $study->settings()->open() === 0,
        )->isDone();
    }

    /** Every line of the test sheet is good. */
    private static function isProven(Job $job, Study $study): bool
    {
        return Proven::of($study->testSheet(), DayDesk::ticks($job, Tick::TEST))->isDone();
    }
}
