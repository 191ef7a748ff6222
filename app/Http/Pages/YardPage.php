<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Http\Workbench;
use App\Models\DayPlan;
use App\Models\Job;
use App\Models\Workshop;
use App\Record\Digest;
use App\Record\Fortnight;
use Carbon\CarbonImmutable;
use LogicException;
use Pebblefell\Schedule\Crew;
use Pebblefell\Stage\DayPlan\BayChart;

/** Who stands in which bay today, and over a fortnight. */
final readonly class YardPage
{
    private const FORMAT = 'D j M G:i';

    private Fortnight $fortnight;

    public function __construct(private Workshop $workshop)
    {
        $this->fortnight = new Fortnight($workshop);
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
            $digest = Digest::today($job);
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
        return $this->fortnight->plans->isNotEmpty();
    }

    public function chart(): BayChart
    {
        $bays = array_values(array_unique([...$this->workshop->bays ?? [], ...array_map($this->bay(...), $this->fortnight->plans->all())]));
        $stands = [];
        foreach ($this->fortnight->plans as $k => $plan) {
            $stands[] = [
                'bay' => $this->bay($plan),
                ...$this->fortnight->span($k),
                'label' => $plan->job->title ?? '',
            ];
        }

        return BayChart::of(
            $bays,
            $stands,
            $this->fortnight->hours->calendar,
            $this->fortnight->hours->hour(CarbonImmutable::now()),
            Workbench::isNarrow(),
        );
    }

    private function bay(DayPlan $plan): string
    {
        return $plan->bay === '' ? 'No bay yet' : $plan->bay;
    }

    public function plan(int $k): DayPlan
    {
        return $this->fortnight->plans[$k] ?? throw new LogicException("no plan $k");
    }

    /** "Library trailer: Thu 26 Nov 8:00 to Fri 27 Nov 14:30" */
    public function says(int $k): string
    {
        return ($this->plan($k)->job->title ?? '') . ': ' . $this->workshop->told($this->fortnight->from[$k], self::FORMAT) . ' to '
            . $this->workshop->told($this->fortnight->to[$k], self::FORMAT);
    }

    public function day(float $h): string
    {
        return $this->fortnight->midnight->addDays((int) ($h / 24.0))->format(Workbench::isNarrow() ? 'j' : 'D j');
    }

    /**
     * When more people, or more chargers, are wanted than there are, in sentences.
     *
     * @return list<string>
     */
    public function shortOf(): array
    {
        $people = $chargers = [];
        foreach ($this->fortnight->plans as $k => $p) {
            $people[] = [
                'fromH' => $this->fortnight->hour($this->fortnight->from[$k]),
                'toH' => $this->fortnight->hour($this->fortnight->to[$k]), 'people' => $p->people,
            ];
            $charge = $this->fortnight->hours->charge($p->getAttributes());
            if ($charge !== null) {
                $chargers[] = [...$charge, 'people' => 1];
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
        $at = fn(float $h): string => $this->workshop->told(
            (int) round($this->fortnight->midnight->getTimestamp() + 3600.0 * $h),
            self::FORMAT,
        );

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
     * @return list<array{plan: DayPlan, says: string}>
     */
    public function moves(): array
    {
        return array_map(fn(array $m): array => [
            'plan' => $m['plan'],
            'says' => $this->workshop->told($m['at']->getTimestamp(), self::FORMAT) . ($m['bay'] === '' ? '' : ', ' . $m['bay']),
        ], $this->fortnight->moves());
    }

    /** Returns what is proposed, as a mark by which it is known again. */
    public function mark(): string
    {
        return $this->fortnight->mark();
    }

    /** Who stands here now, in a sentence. */
    public function today(): string
    {
        $now = CarbonImmutable::now();
        $here = $this->fortnight->plans->filter(static fn(DayPlan $p): bool => $p->starts_at <= $now && $p->ends_at > $now);

        return $here->isEmpty()
            ? 'No bay is taken now.'
            : $here->map(fn(DayPlan $p): string => ($p->bay === '' ? '' : "$p->bay: ") . ($p->job->title ?? '') . ' until '
            . $this->workshop->local($p->ends_at)->format('D G:i'))->implode('; ') . '.';
    }
}
