<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\BalanceSession;
use App\Models\Job;
use App\Models\Message;
use App\Models\Tick;
use App\Words\Lexicon;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Pebblefell\Balance\BalanceStep;
use Pebblefell\System\System;

/**
 * Lists what waits and what is over, in the open balance sessions of all jobs; and the yearly checks that are due. A session's waits are
 * worked out where it is written to, and only read here.
 */
final class YardWaits
{
    /** A check that comes due within so many days is told. Chosen. */
    private const AHEAD_DAYS = 30;

    /** Visits that are told at once. Chosen: those longest due. */
    private const MOST_VISITS = 20;

    /**
     * @return list<array{id: string, job: Job, stage: string, words: string, at: ?CarbonImmutable,
     *     mark: string}> stage: where it is seen to; mark now, over, until or due; what is over first, then by time
     */
    public static function all(): array
    {
        $waits = [];
        foreach (BalanceSession::query()->whereNull('ended_at')->with('job:id,title,number')->get([
            'id',
            'job_id',
            'clock',
            'waits',
        ]) as $session) {
            $job = $session->job;
            if ($job === null) {
                continue;
            }
            foreach ($session->waits ?? [] as $wait) {
                $at = $wait['at'] === null ? null : CarbonImmutable::createFromTimestampUTC($wait['at']);
                $waits[] = [
                    'id' => $wait['id'],
                    'job' => $job,
                    'stage' => 'balance',
                    'words' => $wait['words'],
                    'at' => $at,
                    'mark' => $wait['now'] ? 'now' : ($at !== null && $at <= $session->time() ? 'over' : 'until'),
                ];
            }
        }
        $due = BalanceSession::query()->where('passed', true)->whereNull('bench')
            ->where('ended_at', '<=', now()->subYear()->addDays(self::AHEAD_DAYS))
            ->whereNotExists(static fn($later) => $later->select(DB::raw(1))->from('balance_sessions as later')->whereColumn(
                'later.job_id',
                'balance_sessions.job_id',
            )->whereColumn('later.id', '>', 'balance_sessions.id'))
            ->with('job:id,title,number')->get();
        foreach ($due as $session) {
            if ($session->job !== null && $session->ended_at !== null) {
                $at = CarbonImmutable::instance($session->ended_at)->addYear();
                $waits[] = [
                    'id' => "check-$session->id",
                    'job' => $session->job,
                    'stage' => 'balance',
                    'words' => 'yearly check of the balance',
                    'at' => $at,
                    'mark' => $at <= now() ? 'over' : 'due',
                ];
            }
        }
        array_push($waits, ...self::visits(), ...self::messages());
        usort(
            $waits,
            static fn(array $a, array $b): int => [
                in_array($a['mark'], ['until', 'due'], true),
                $a['at']?->getTimestamp() ?? PHP_INT_MAX,
            ] <=> [in_array($b['mark'], ['until', 'due'], true), $b['at']?->getTimestamp() ?? PHP_INT_MAX],
        );

        return $waits;
    }

    /**
     * Systems that went home, or were last visited, about a year ago.
     *
     * @return list<array{id: string, job: Job, stage: string, words: string, at: ?CarbonImmutable, mark: string}>
     */
    private static function visits(): array
    {
        $seen = DB::table('handovers')->whereNull('revoked_at')->groupBy('handovers.job_id')
            ->leftJoin('ticks', static fn($visit) => $visit->on('ticks.job_id', '=', 'handovers.job_id')->where('ticks.sheet', Tick::VISIT))
            ->selectRaw(
                'handovers.job_id, GREATEST(MAX(handovers.created_at), COALESCE(MAX(ticks.noted_at), MAX(handovers.created_at))) AS seen',
            )
            ->having(
                'seen',
                '<=',
                now()->subYear()->addDays(self::AHEAD_DAYS),
            )->orderBy('seen')->limit(self::MOST_VISITS)->pluck('seen', 'job_id');
        $waits = [];
        foreach (Job::query()->whereKey($seen->keys())->get(['id', 'title', 'number']) as $job) {
            $at = CarbonImmutable::parse((string) $seen[$job->id])->addYear();
            $waits[] = [
                'id' => "visit-$job->id",
                'job' => $job,
                'stage' => 'aftercare',
                'words' => 'yearly visit',
                'at' => $at,
                'mark' => $at <= now() ? 'over' : 'due',
            ];
        }

        return $waits;
    }

    /**
     * Returns what owners wrote and nobody has answered.
     *
     * @return list<array{id: string, job: Job, stage: string, words: string, at: ?CarbonImmutable, mark: string}>
     */
    private static function messages(): array
    {
        $waits = [];
        $messages = Message::query()->whereNull('answered_at')->with('job:id,title,number')->orderBy('created_at')
            ->limit(self::MOST_VISITS)->get();
        foreach ($messages as $message) {
            if ($message->job !== null) {
                $waits[] = [
                    'id' => "message-$message->id", 'job' => $message->job, 'stage' => 'aftercare', 'words' => 'its owner has written',
                    'at' => CarbonImmutable::instance($message->created_at), 'mark' => 'over',
                ];
            }
        }

        return $waits;
    }

    /** Works out what a session waits for, and keeps it with the session. */
    public static function keep(BalanceSession $session, System $system): void
    {
        $waits = $session->isOpen() ? self::of(BalanceDesk::of($session, $system)) : [];
        BalanceSession::query()->whereKey($session->id)->toBase()->update(['waits' => json_encode($waits, JSON_THROW_ON_ERROR)]);
    }

    /** The same for the session that is open in a job, if there is one. */
    public static function ofJob(int $id): void
    {
        $session = BalanceSession::query()->where('job_id', $id)->whereNull('ended_at')->latest('id')->first();
        if ($session !== null) {
            try {
                self::keep($session, Studies::now($id)->system);
            } catch (UnreadableJob) {
                // Nothing can be forecast from it; its page says so.
            }
        }
    }

    /**
     * @return list<array{id: string, words: string, at: ?int, now: bool}> `at` in seconds since 1970; null: not to be told yet
     */
    private static function of(BalanceDesk $desk): array
    {
        $session = $desk->session;
        $now = $session->time()->getTimestamp();
        $waits = [];
        $waiting = array_values(array_filter($desk->batteries, static fn(array $b): bool => $b['row']->step === BalanceStep::Waiting));
        foreach ($desk->queue->free as $i => $charger) {
            if (isset($waiting[$i], $desk->queue->turns[$waiting[$i]['row']->part_uid])) {
                $waits[] = [
                    'id' => "next-$session->id-$i",
                    'words' => "$charger[name] is free: put on " . $waiting[$i]['name'],
                    'at' => null,
                    'now' => true,
                ];
            }
        }
        foreach ($desk->batteries as $b) {
            $turn = $b['row']->step === BalanceStep::Waiting ? $desk->queue->turns[$b['row']->part_uid] ?? null : null;
            if ($turn !== null && $turn['startS'] <= $now) {
                continue;
            }
            $at = $turn['startS'] ?? $b['forecast']->readyAtS;
            $waits[] = [
                'id' => "balance-{$b['row']->id}",
                'words' => $b['name'] . ' ' . ($turn === null ? Lexicon::plain()->name($b['row']->step) : 'waits for ' . $turn['charger']),
                'at' => $at === null ? null : (int) $at,
                'now' => false,
            ];
        }

        return $waits;
    }
}
