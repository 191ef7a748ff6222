<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\DayPlan;
use App\Models\Workshop;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use LogicException;
use Pebblefell\Schedule\Order;
use Pebblefell\Stage\DayPlan\BayChart;

/** The vehicles that stand in the bays within a fortnight, and how they would stand in one another's way less. */
final readonly class Fortnight
{
    /** Vehicles that are looked at. Chosen: a dozen bays over a fortnight. */
    private const MOST = 80;

    /** @var Collection<int, DayPlan> in the order in which they begin */
    public Collection $plans;

    /** @var list<int> s since 1970 at which each begins */
    public array $from;

    /** @var list<int> and ends */
    public array $to;

    public CarbonImmutable $midnight;

    public WorkHours $hours;

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

    /** Hours since the midnight before now. */
    public function hour(int $at): float
    {
        return ($at - $this->midnight->getTimestamp()) / 3600.0;
    }

    /**
     * When one of them stands here, hours since midnight; an hour at least.
     *
     * @return array{fromH: float, toH: float}
     */
    public function span(int $k): array
    {
        $from = $this->hour($this->from[$k]);

        return ['fromH' => $from, 'toH' => max($from + 1.0, $this->hour($this->to[$k]))];
    }

    /**
     * In a better order: who would move, and whereto. The Yard asks for it, and for its mark.
     *
     * @return list<array{plan: DayPlan, at: CarbonImmutable, bay: string}>
     */
    public function moves(): array
    {
        return once($this->ordered(...));
    }

    /**
     * @return list<array{plan: DayPlan, at: CarbonImmutable, bay: string}>
     */
    private function ordered(): array
    {
        $now = CarbonImmutable::now()->getTimestamp();
        $stays = [];
        foreach ($this->plans as $k => $plan) {
            $stays[] = [
                ...$this->span($k),
                'people' => $plan->people,
                'place' => $plan->bay,
                'begun' => $this->from[$k] <= $now,
                'charge' => $this->hours->charge($plan->getAttributes()),
            ];
        }
        $moves = [];
        foreach (Order::better($stays, $this->workshop->shared(), $this->hours->calendar) as $k => $to) {
            $moves[] = [
                'plan' => $this->plans[$k] ?? throw new LogicException("no plan $k"),
                'at' => $this->hours->moment($to['fromH'])->utc(),
                'bay' => $to['place'],
            ];
        }

        return $moves;
    }

    /** Returns what is proposed, as a mark by which it is known again. */
    public function mark(): string
    {
        return hash('xxh128', implode('|', array_map(
            static fn(array $m): string => implode(' ', [$m['plan']->id, $m['plan']->lock_version, $m['at']->getTimestamp(), $m['bay']]),
            $this->moves(),
        )));
    }
}
