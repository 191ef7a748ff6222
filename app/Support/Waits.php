<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\BalanceSession;
use App\Models\Job;
use Carbon\CarbonImmutable;
use Pebblefell\Balance\Step;
use Pebblefell\System\Part;

/** What waits and what is over, in the open balance sessions of all jobs; and the yearly checks that are due. */
final class Waits
{
    /** A check that comes due within so many days is told. Chosen. */
    private const AHEAD_DAYS = 30;

    /**
     * @return list<array{id: string, job: Job, words: string, at: ?CarbonImmutable, mark: string}> mark now, over, until or due; what is over first, then by time
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
                    $waits[] = ['id' => "next-$session->id-$i", 'job' => $job, 'words' => "$charger[name] is free: put on " . self::name($desk, $waiting[$i]), 'at' => null, 'mark' => 'now'];
                }
            }
            foreach ($desk->batteries as $b) {
                $turn = $b['row']->step === Step::Waiting ? $desk->queue->turns[$b['row']->part_uid] ?? null : null;
                if ($turn !== null && $turn['startS'] <= $now->getTimestamp()) {
                    continue;
                }
                $s = $turn['startS'] ?? $b['forecast']->readyAtS;
                $at = $s === null ? null : CarbonImmutable::createFromTimestampUTC((int) $s);
                $waits[] = ['id' => "balance-{$b['row']->id}", 'job' => $job, 'words' => self::name($desk, $b) . ' ' . ($turn === null ? $b['row']->step->label() : 'waits for ' . $turn['charger']), 'at' => $at, 'mark' => $at !== null && $at <= $now ? 'over' : 'until'];
            }
        }
        $due = BalanceSession::query()->where('passed', true)->where('ended_at', '<=', now()->subYear()->addDays(self::AHEAD_DAYS))->with('job')->latest('ended_at')->get()->unique('job_id');
        foreach ($due as $session) {
            if ($session->job !== null && $session->ended_at !== null && !$session->job->balanceSessions()->where('id', '>', $session->id)->exists()) {
                $at = CarbonImmutable::instance($session->ended_at)->addYear();
                $waits[] = ['id' => "check-$session->id", 'job' => $session->job, 'words' => 'yearly check of the balance', 'at' => $at, 'mark' => $at <= now() ? 'over' : 'due'];
            }
        }
        usort($waits, static fn(array $a, array $b): int => [in_array($a['mark'], ['until', 'due'], true), $a['at']?->getTimestamp() ?? PHP_INT_MAX] <=> [in_array($b['mark'], ['until', 'due'], true), $b['at']?->getTimestamp() ?? PHP_INT_MAX]);

        return $waits;
    }

    /**
     * @param array{row: \App\Models\BalanceBattery, part: Part, ...} $battery
     */
    private static function name(BalanceDesk $desk, array $battery): string
    {
        $place = array_search($battery['row'], array_column($desk->batteries, 'row'), true);

        return BalanceDesk::name($battery['part'], 1 + (int) $place);
    }
}
