<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Http\Workbench;
use App\Models\DayPlan;
use App\Models\Workshop;
use App\Record\WorkHours;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use LogicException;
use Pebblefell\Schedule\Crew;
use Pebblefell\Stage\DayPlan\BayChart;

/** Who stands in which bay today, and over a fortnight. */
final readonly class YardPage
{
    /** Bars that are drawn at most. Chosen: a dozen bays over a fortnight. */
    private const MOST = 80;

    /** @var Collection<int, DayPlan> that stand here within the fortnight */
    private Collection $plans;

    private CarbonImmutable $midnight;

    public function __construct(private Workshop $workshop)
    {
        $this->midnight = $workshop->local(CarbonImmutable::now())->startOfDay();
        $this->plans = DayPlan::query()->with('job:id,title,number')->where('ends_at', '>', $this->midnight->utc())
            ->where('starts_at', '<', $this->midnight->addDays(BayChart::DAYS)->utc())->orderBy('starts_at')->limit(self::MOST)->get();
    }

    public function isThere(): bool
    {
        return $this->plans->isNotEmpty();
    }

    public function chart(): BayChart
    {
        $hours = new WorkHours($this->workshop, $this->midnight);
        $bays = array_values(
            array_unique([...$this->workshop->bays ?? [], ...$this->plans->map(fn(DayPlan $p): string => $this->bay($p))->all()]),
        );

        return BayChart::of(
            $bays,
            array_values($this->plans->map(fn(DayPlan $p): array => [
                'bay' => $this->bay($p),
                'fromH' => $hours->hour($p->starts_at),
                'toH' => max($hours->hour($p->starts_at) + 1.0, $hours->hour($p->ends_at)),
                'label' => $p->job->title ?? '',
            ])->all()),
            $hours->calendar,
            $hours->hour(CarbonImmutable::now()),
            Workbench::isNarrow(),
        );
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
        $plan = $this->plan($k);

        return ($plan->job->title ?? '') . ': ' . $this->at($plan, 'starts_at') . ' to ' . $this->at($plan, 'ends_at');
    }

    private function at(DayPlan $plan, string $key): string
    {
        return $this->workshop->local($plan->getAttribute($key))->format('D j M G:i');
    }

    public function day(float $h): string
    {
        return $this->midnight->addDays((int) ($h / 24.0))->format(Workbench::isNarrow() ? 'j' : 'D j');
    }

    /**
     * When more people are wanted than there are, in sentences.
     *
     * @return list<string>
     */
    public function shortOfPeople(): array
    {
        $crew = $this->workshop->crew;
        $hours = new WorkHours($this->workshop, $this->midnight);
        $stays = array_values($this->plans->map(static fn(DayPlan $p): array => [
            'fromH' => $hours->hour($p->starts_at), 'toH' => $hours->hour($p->ends_at), 'people' => $p->people,
        ])->all());

        return $crew === null ? [] : array_map(fn(array $o): string => $this->workshop->local($hours->moment($o['fromH']))->format('D j M G:i') . ' to '
            . $this->workshop->local($hours->moment($o['toH']))->format('D j M G:i') . ": {$o['people']} people wanted, $crew there.", Crew::over($stays, $crew));
    }

    /** Who stands here now, in a sentence. */
    public function today(): string
    {
        $now = CarbonImmutable::now();
        $here = $this->plans->filter(static fn(DayPlan $p): bool => $p->starts_at <= $now && $p->ends_at > $now);

        return $here->isEmpty() ? 'No bay is taken now.' : $here->map(fn(DayPlan $p): string => ($p->bay === '' ? '' : "$p->bay: ") . ($p->job->title ?? '') . ' until '
            . $this->workshop->local($p->ends_at)->format('D G:i'))->implode('; ') . '.';
    }
}
