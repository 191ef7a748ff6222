<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\DayPlan;
use App\Models\Job;
use App\Models\Tick;
use App\Models\Workshop;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Pebblefell\Schedule\Timetable;
use Pebblefell\Stage\DayPlan\Chores;
use Pebblefell\Stage\DayPlan\Standing;
use Pebblefell\Stage\Ticks;
use Pebblefell\Study;

/** A job's day laid out: its run sheet with what was noted, and when each part of it runs. */
final readonly class DayDesk
{
    /** Forecasts that differ by less are the same, s. Chosen. */
    private const SAME_S = 60;

    private function __construct(private Job $job, public Standing $standing, public ?DayPlan $plan)
    {
    }

    public static function of(Job $job, Study $study): self
    {
        return new self($job, Standing::of(
            $study->runSheet(Workshop::current()->first_terminal),
            self::ticks($job, Tick::DAY_PLAN),
            Balanced::of($job, $study),
            $study->settings()->open() === 0,
        ), $job->dayPlan);
    }

    public static function ticks(Job $job, string $sheet): Ticks
    {
        return Ticks::of($job->ticks()->where('sheet', $sheet)->get()->map(static fn(Tick $t) => $t->toNoted()));
    }

    public function people(): int
    {
        return $this->plan->people ?? 1;
    }

    /**
     * Returns what is left, by the clock: from the planned start, or from now once that is past.
     *
     * @return array{table: Timetable, hours: WorkHours, chores: Chores, fromH: float, nowH: ?float}
     */
    public function timetable(): array
    {
        $now = CarbonImmutable::now();
        $start = $this->plan->starts_at ?? $now;
        $begins = $start > $now ? CarbonImmutable::instance($start) : $now;
        $hours = new WorkHours(Workshop::current(), $begins);
        $took = array_map(static fn($t): float => $t->median, PastDurations::all());
        $from = $hours->calendar->next($hours->hour($begins));
        $atS = (float) $hours->moment($from)->getTimestamp();
        $chores = Chores::of($this->standing, $this->people(), $took, $this->chargeH($atS), $atS);
        $table = Timetable::of($chores->tasks, [Chores::CREW => max(1, $this->people()), Chores::CHARGER => 1], $hours->calendar, $from);

        return [
            'table' => $table,
            'hours' => $hours,
            'chores' => $chores,
            'fromH' => $from,
            'nowH' => $begins === $now ? $hours->hour($now) : null,
        ];
    }

    /** Hours until the open balance session lets them be joined, by its own forecast; null: none is open, or it cannot tell. */
    private function chargeH(float $atS): ?float
    {
        $session = $this->job->balanceSessions()->whereNull('ended_at')->latest('id')->first();
        if ($session === null) {
            return null;
        }
        // As it was last worked out, where it was written to.
        $ready = array_filter(array_column($session->waits ?? [], 'at'));

        return $ready === [] ? null : max(0.0, (max($ready) - max($atS, $session->time()->getTimestamp())) / 3600.0);
    }

    /** Keeps the forecast end beside the plan, and when it wants a charger, where other jobs and the Yard see it. */
    public function keepEnd(): void
    {
        if ($this->plan === null) {
            return;
        }
        ['table' => $table, 'hours' => $hours] = $this->timetable();
        [$from, $to] = $table->runs[Chores::CHARGE] ?? [null, null];
        $forecast = [
            'ends_at' => $hours->moment($table->finishH)->utc(),
            'charges_from' => $from === null ? null : $hours->moment($from)->utc(),
            'charges_to' => $to === null ? null : $hours->moment($to)->utc(),
        ];
        $moved = static fn(?CarbonInterface $a, ?CarbonInterface $b): bool => ($a === null) !== ($b === null)
            || ($a !== null && $b !== null && abs($a->getTimestamp() - $b->getTimestamp()) > self::SAME_S);
        if (array_filter(array_keys($forecast), fn(string $key): bool => $moved($this->plan->getAttribute($key), $forecast[$key])) !== []) {
            DayPlan::query()->whereKey($this->plan->id)->toBase()->update($forecast);
            $this->plan->forceFill($forecast)->syncOriginal();
        }
    }
}
