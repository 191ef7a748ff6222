<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Http\Workbench;
use App\Models\DayPlan;
use App\Models\Job;
use App\Models\Workshop;
use App\Record\WorkHours;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use LogicException;
use Pebblefell\Schedule\Crew;
use Pebblefell\Schedule\Order;
use Pebblefell\Stage\DayPlan\BayChart;

/** Who stands in which bay today, and over a fortnight. */
final readonly class YardPage
{
    private const FORMAT = 'D j M G:i';

    /** Bars that are drawn at most. Chosen: a dozen bays over a fortnight. */
    private const MOST = 80;

    /** @var Collection<int, DayPlan> that stand here within the fortnight */
    private Collection $plans;

    private CarbonImmutable $midnight;

    private WorkHours $hours;

    /** @var list<int> s since 1970 at which each begins */
    private array $from;

    /** @var list<int> and ends */
    private array $to;

    public function __construct(private Workshop $workshop)
    {
        $this->midnight = $workshop->local(CarbonImmutable::now())->startOfDay();
        $this->hours = new WorkHours($workshop, $this->midnight, BayChart::DAYS);
        $this->plans = DayPlan::query()->with('job:id,title,number')->where('ends_at', '>', $this->midnight->utc())
            ->where('starts_at', '<', $this->midnight->addDays(BayChart::DAYS)->utc())->orderBy('starts_at')->limit(self::MOST)->get();
        // Each is asked for several times: read once, as numbers.
        $seconds = static fn(DayPlan $p, string $key): int => (int) strtotime("{$p->getRawOriginal($key)} UTC");
        $this->from = array_map(static fn(DayPlan $p): int => $seconds($p, 'starts_at'), array_values($this->plans->all()));
        $this->to = array_map(static fn(DayPlan $p): int => $seconds($p, 'ends_at'), array_values($this->plans->all()));
    }

    /**
     * @param iterable<Job> $jobs
     *
     * @return list<array{job: Job, digest: array<string, mixed>, states: list<string>, changed: string}> what was said of each, read once
     */
    public function rows(iterable $jobs): array
    {
        $rows = [];
        foreach ($jobs as $job) {
            $digest = $job->digest ?? [];
            $changed = $job->getRawOriginal('updated_at');
            $rows[] = [
                'job' => $job,
                'digest' => $digest,
                'states' => array_values($digest['states'] ?? []),
                'changed' => is_string($changed) ? $this->workshop->told((int) strtotime("$changed UTC"), 'j M Y') : '',
            ];
        }

        return $rows;
    }

    public function isThere(): bool
    {
        return $this->plans->isNotEmpty();
    }

    public function chart(): BayChart
    {
        $bays = array_values(array_unique([...$this->workshop->bays ?? [], ...array_map($this->bay(...), $this->plans->all())]));
        $stands = [];
        foreach ($this->plans as $k => $plan) {
            $stands[] = [
                'bay' => $this->bay($plan),
                'fromH' => $this->hour($this->from[$k]),
                'toH' => max($this->hour($this->from[$k]) + 1.0, $this->hour($this->to[$k])),
                'label' => $plan->job->title ?? '',
            ];
        }

        return BayChart::of($bays, $stands, $this->hours->calendar, $this->hours->hour(CarbonImmutable::now()), Workbench::isNarrow());
    }

    /** Hours since midnight here. */
    private function hour(int $at): float
    {
        return ($at - $this->midnight->getTimestamp()) / 3600.0;
    }

    private function bay(DayPlan $plan): string
    {
        return $plan->bay === '' ? 'No bay yet' : $plan->bay;
    }

    public function plan(int $k): DayPlan
    {
        return $this->plans[$k] ?? throw new LogicException("no plan $k");
    }

    /** "Library trailer: Thu 26 Nov 8:00 to Fri 27 Nov 14:30" */
    public function says(int $k): string
    {
        return ($this->plan($k)->job->title ?? '') . ': ' . $this->workshop->told($this->from[$k], self::FORMAT) . ' to '
            . $this->workshop->told($this->to[$k], self::FORMAT);
    }

    public function day(float $h): string
    {
        return $this->midnight->addDays((int) ($h / 24.0))->format(Workbench::isNarrow() ? 'j' : 'D j');
    }

    /**
     * When more people, or more chargers, are wanted than there are, in sentences.
     *
     * @return list<string>
     */
    public function shortOf(): array
    {
        $people = $chargers = [];
        foreach ($this->plans as $k => $p) {
            $people[] = ['fromH' => $this->hour($this->from[$k]), 'toH' => $this->hour($this->to[$k]), 'people' => $p->people];
            if ($p->charges_from !== null && $p->charges_to !== null) {
                $chargers[] = ['fromH' => $this->hours->hour($p->charges_from), 'toH' => $this->hours->hour($p->charges_to), 'people' => 1];
            }
        }

        return [
            ...$this->short($people, $this->workshop->crew, 'people'),
            ...$this->short($chargers, $this->workshop->chargers, 'chargers'),
        ];
    }

    /**
     * @param list<array{fromH: float, toH: float, people: int}> $stays
     *
     * @return list<string>
     */
    private function short(array $stays, ?int $there, string $of): array
    {
        $at = fn(float $h): string => $this->workshop->told((int) round($this->midnight->getTimestamp() + 3600.0 * $h), self::FORMAT);

        return $there === null ? [] : array_map(
            static fn(array $o): string => $at($o['fromH']) . ' to ' . $at($o['toH']) . ": {$o['people']} $of wanted, $there there.",
            Crew::over($stays, $there),
        );
    }

    /** Two want one bay, or more people are wanted than there are. */
    public function isCrowded(): bool
    {
        foreach ($this->chart()->bars as $bar) {
            if ($bar['clash']) {
                return true;
            }
        }

        return $this->shortOf() !== [];
    }

    /**
     * The fortnight in a better order: who would move, and whereto.
     *
     * @return list<array{plan: DayPlan, at: CarbonImmutable, bay: string, says: string}>
     */
    public function moves(): array
    {
        $now = CarbonImmutable::now()->getTimestamp();
        $stays = [];
        foreach ($this->plans as $k => $plan) {
            $stays[] = [
                'fromH' => $this->hour($this->from[$k]),
                'toH' => max($this->hour($this->from[$k]) + 1.0, $this->hour($this->to[$k])),
                'people' => $plan->people,
                'place' => $plan->bay,
                'begun' => $this->from[$k] <= $now,
            ];
        }
        $moves = [];
        foreach (Order::better($stays, $this->workshop->bays ?? [], $this->workshop->crew, $this->hours->calendar) as $k => $to) {
            $at = $this->hours->moment($to['fromH']);
            $moves[] = [
                'plan' => $this->plan($k),
                'at' => $at->utc(),
                'bay' => $to['place'],
                'says' => $at->format(self::FORMAT) . ($to['place'] === '' ? '' : ', ' . $to['place']),
            ];
        }

        return $moves;
    }

    /** What is proposed, as a mark by which it is known again. */
    public function mark(): string
    {
        return hash('xxh128', implode('|', array_map(
            static fn(array $m): string => implode(' ', [$m['plan']->id, $m['plan']->lock_version, $m['at']->getTimestamp(), $m['bay']]),
            $this->moves(),
        )));
    }

    /** Who stands here now, in a sentence. */
    public function today(): string
    {
        $now = CarbonImmutable::now();
        $here = $this->plans->filter(static fn(DayPlan $p): bool => $p->starts_at <= $now && $p->ends_at > $now);

        return $here->isEmpty()
            ? 'No bay is taken now.'
            : $here->map(fn(DayPlan $p): string => ($p->bay === '' ? '' : "$p->bay: ") . ($p->job->title ?? '') . ' until '
            . $this->workshop->local($p->ends_at)->format('D G:i'))->implode('; ') . '.';
    }
}
