<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\BalanceSession;
use App\Models\Job;
use Carbon\CarbonImmutable;
use Pebblefell\Balance\Step;

/** What waits and what is over, in the open balance sessions of all jobs; and the yearly checks that are due. */
final class Waits
{
    /** A check that comes due within so many days is told. Chosen. */
    private const AHEAD_DAYS = 30;

    /**
     * @return list<array{id: string, job: Job, words: string, at: ?CarbonImmutable, over: bool}> what is over first, then by time
     */
    public static function all(): array
    {
        $waits = [];
        foreach (BalanceSession::query()->whereNull('ended_at')->with('job')->get() as $session) {
            $job = $session->job;
            if ($job === null) {
                continue;
            }
            $desk = BalanceDesk::of($session, Workbench::assessment($job)->sums->system);
            $now = $session->time();
            $waiting = array_values(array_filter($desk->batteries, static fn(array $b): bool => $b['row']->step === Step::Waiting));
            foreach ($desk->queue->free as $i => $charger) {
                if (isset($waiting[$i], $desk->queue->turns[$waiting[$i]['row']->part_uid])) {
                    $waits[] = ['id' => "next-$session->id-$i", 'job' => $job, 'words' => "$charger[name] is free: put on " . BalanceDesk::name($waiting[$i]['part'], 1 + (int) array_search($waiting[$i], $desk->batteries, true)), 'at' => CarbonImmutable::instance($now), 'over' => true];
                }
            }
            foreach ($desk->batteries as $k => $b) {
                $at = $b['forecast']->readyAtS === null ? null : CarbonImmutable::createFromTimestampUTC((int) $b['forecast']->readyAtS);
                $waits[] = ['id' => "balance-{$b['row']->id}", 'job' => $job, 'words' => BalanceDesk::name($b['part'], $k + 1) . ' ' . $b['row']->step->label(), 'at' => $at, 'over' => $at !== null && $at <= $now];
            }
        }
        $due = BalanceSession::query()->where('passed', true)->where('ended_at', '<=', now()->subYear()->addDays(self::AHEAD_DAYS))->with('job')->latest('ended_at')->get()->unique('job_id');
        foreach ($due as $session) {
            if ($session->job !== null && $session->ended_at !== null && !$session->job->balanceSessions()->where('id', '>', $session->id)->exists()) {
                $at = CarbonImmutable::instance($session->ended_at)->addYear();
                $waits[] = ['id' => "check-$session->id", 'job' => $session->job, 'words' => 'yearly check of the balance', 'at' => $at, 'over' => $at <= now()];
            }
        }
        usort($waits, static fn(array $a, array $b): int => [!$a['over'], $a['at']?->getTimestamp() ?? PHP_INT_MAX] <=> [!$b['over'], $b['at']?->getTimestamp() ?? PHP_INT_MAX]);

        return $waits;
    }
}
