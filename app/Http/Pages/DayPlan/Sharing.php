<?php

declare(strict_types=1);

namespace App\Http\Pages\DayPlan;

use App\Models\DayPlan;
use App\Models\Workshop;
use App\Record\DayDesk;
use App\Record\WorkHours;
use App\Words\Lexicon;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Pebblefell\Schedule\Crew;
use Pebblefell\Schedule\Order;
use stdClass;

/**
 * Bays, people and chargers that a job shares with the others: what is wanted twice, and what would be better.
 *
 * @phpstan-import-type Stay from Order
 */
final readonly class Sharing
{
    /** Jobs ahead that are looked at. Chosen: a workshop's season. */
    private const MOST_OTHERS = 300;

    /** @var Collection<int, DayPlan> other jobs in the same bay at the same time */
    public Collection $clashes;

    public function __construct(private DayDesk $desk, private WorkHours $hours, private Workshop $workshop, private Lexicon $say)
    {
        $this->clashes = $this->clashing();
    }

    /**
     * Other jobs in the same bay at the same time.
     *
     * @return Collection<int, DayPlan>
     */
    private function clashing(): Collection
    {
        $plan = $this->desk->plan;
        if ($plan === null || $plan->bay === '' || $this->desk->standing->isDone()) {
            return new Collection();
        }

        return DayPlan::query()->with('job:id,title,number')->where('bay', $plan->bay)->whereKeyNot($plan->id)
            ->where(
                'starts_at',
                '<',
                $plan->ends_at,
            )->where('ends_at', '>', max($plan->starts_at, CarbonImmutable::now()))->orderBy('starts_at')->limit(5)->get();
    }

    /** People who are wanted by all jobs at the worst moment of this one, where that is more than there are; null: enough, or not said. */
    public function peopleWanted(): ?int
    {
        $plan = $this->desk->plan;
        $crew = $this->workshop->crew;
        if ($plan === null || $crew === null || $this->desk->standing->isDone()) {
            return null;
        }
        $own = $this->stay($plan->getAttributes());
        $wanted = Crew::wanted([...$this->others(), $own], $own['fromH'], $own['toH']);

        return $wanted > $crew ? $wanted : null;
    }

    /** Chargers that all jobs want while this one charges, where that is more than there are; null: enough, or not said. */
    public function chargersWanted(): ?int
    {
        $plan = $this->desk->plan;
        $there = $this->workshop->chargers;
        $own = $plan === null ? null : $this->hours->charge($plan->getAttributes());
        if ($own === null || $there === null || $this->desk->standing->isDone()) {
            return null;
        }
        $wanted = Crew::wanted([...$this->charges(), [...$own, 'people' => 1]], $own['fromH'], $own['toH']);

        return $wanted > $there ? $wanted : null;
    }

    public function chargers(): int
    {
        return (int) $this->workshop->chargers;
    }

    /** When one of them is free for as long as this job charges: "Fri 27 Nov, 08:00"; '' where none is wanted twice. */
    public function chargerFree(): string
    {
        $plan = $this->desk->plan;
        $free = $plan === null || $this->chargersWanted() === null
            ? null
            : Order::chargerFree($this->stay($plan->getAttributes()), $this->others(), $this->chargers());

        return $free === null ? '' : $this->workshop->local($this->hours->moment($free))->format('D j M, H:i');
    }

    public function crew(): int
    {
        return (int) $this->workshop->crew;
    }

    /**
     * Returns what would be better: another bay that is free for all of it, or the next moment at which a bay, people and a charger are;
     * '' where nothing is in the way, or nothing is better.
     */
    public function better(): string
    {
        $plan = $this->desk->plan;
        if ($plan === null || ($this->clashes->isEmpty() && $this->peopleWanted() === null)) {
            return '';
        }
        $own = $this->stay($plan->getAttributes());
        $at = Order::room($own, $this->others(), $this->workshop->shared(), $this->hours->calendar);
        if ($at['fromH'] > $own['fromH']) {
            return $this->say->word(
                $at['place'] === '' ? 'dayplan.better-people' : 'dayplan.better-day',
                ['when' => $this->workshop->local($this->hours->moment($at['fromH']))->format('D j M, H:i'), 'place' => $at['place']],
            );
        }

        return $at['place'] === $plan->bay ? '' : $this->say->word('dayplan.better-bay', ['place' => $at['place']]);
    }

    /**
     * When the others charge.
     *
     * @return list<array{fromH: float, toH: float, people: int}>
     */
    private function charges(): array
    {
        return array_map(
            static fn(array $c): array => [...$c, 'people' => 1],
            array_values(array_filter(array_column($this->others(), 'charge'))),
        );
    }

    /**
     * The other jobs that are planned, hours since this one's beginning.
     *
     * @return list<Stay>
     */
    private function others(): array
    {
        return once(fn(): array => array_values(DayPlan::query()->whereKeyNot($this->desk->plan?->id)
            ->where('ends_at', '>', CarbonImmutable::now())->orderBy('starts_at')->limit(self::MOST_OTHERS)->toBase()
            ->get(['starts_at', 'ends_at', 'charges_from', 'charges_to', 'people', 'bay'])
            ->map(fn(stdClass $row): array => $this->stay((array) $row))->all()));
    }

    /**
     * @param array<string, mixed> $row a plan's columns as they are kept: there may be hundreds
     *
     * @return Stay
     */
    private function stay(array $row): array
    {
        $fromH = $this->hours->hourOf((string) $row['starts_at']);

        return [
            'fromH' => $fromH,
            'toH' => $this->hours->hourOf((string) $row['ends_at']),
            'people' => (int) $row['people'],
            'place' => (string) $row['bay'],
            'begun' => $fromH <= $this->hours->hour(CarbonImmutable::now()),
            'charge' => $this->hours->charge($row),
        ];
    }
}
