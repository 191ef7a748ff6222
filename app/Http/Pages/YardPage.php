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

    private WorkHours $hours;

    public function __construct(private Workshop $workshop)
    {
        $this->midnight = $workshop->local(CarbonImmutable::now())->startOfDay();
        $this->hours = new WorkHours($workshop, $this->midnight, BayChart::DAYS);
        $this->plans = DayPlan::query()->with('job:id,title,number')->where('ends_at', '>', $this->midnight->utc())
            ->where('starts_at', '<', $this->midnight->addDays(BayChart::DAYS)->utc())->orderBy('starts_at')->limit(self::MOST)->get();
    }

    public function isThere(): bool
    {
        return $this->plans->isNotEmpty();
    }

    public function chart(): BayChart
    {
        $hours = $this->hours;
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
     * When more people, or more chargers, are wanted than there are, in sentences.
     *
     * @return list<string>
     */
    public function shortOf(): array
    {
        $people = $chargers = [];
        foreach ($this->plans as $p) {
            $people[] = ['fromH' => $this->hours->hour($p->starts_at), 'toH' => $this->hours->hour($p->ends_at), 'people' => $p->people];
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
        $at = fn(float $h): string => $this->workshop->local($this->hours->moment($h))->format('D j M G:i');

        return $there === null ? [] : array_map(
            static fn(array $o): string => $at($o['fromH']) . ' to ' . $at($o['toH']) . ": {$o['people']} $of wanted, $there there.",
            Crew::over($stays, $there),
        );
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
