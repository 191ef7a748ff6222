<?php

declare(strict_types=1);

namespace App\Http\Pages\Loads;

use App\Http\Workbench;
use App\Models\Appliance as Row;
use App\Models\Scenario as ScenarioRow;
use App\Words\HoursText;
use Illuminate\Pagination\LengthAwarePaginator;
use Pebblefell\Finding\Figure;
use Pebblefell\Load\Appliance;
use Pebblefell\Load\Budget;
use Pebblefell\Load\Does;
use Pebblefell\Load\UsualAppliances;
use Pebblefell\Stage\Loads\DaySketch;
use Pebblefell\Stage\Loads\Hint;
use Pebblefell\Stage\Loads\LoadSizing;
use Pebblefell\Stage\Loads\OtherSystem;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\Scenario;

/** Shows Loads: one scenario's day, strip by strip, and what follows from it. */
final readonly class LoadsPage
{
    /** Strips on one page. */
    private const PER_PAGE = 60;

    public LoadSizing $loads;

    public Budget $budget;

    /**
     * @param ?string $more uid of the row whose lesser figures are open
     */
    public function __construct(private Workbench $bench, public ?Scenario $scenario, public ?string $more, private int $page)
    {
        $this->loads = LoadSizing::of($bench->study, $scenario);
        $this->budget = $this->loads->budget;
    }

    public function scenarioRow(): ?ScenarioRow
    {
        return $this->scenario === null ? null : $this->bench->job->scenarios->firstWhere('uid', $this->scenario->uid);
    }

    public function isSizing(Scenario $scenario): bool
    {
        return $scenario === $this->bench->study->system->sizingScenario();
    }

    /** The hours of the worst moment, and who makes it. */
    public function worst(): string
    {
        return HoursText::clock($this->budget->worst->fromH) . ' to ' . HoursText::clock($this->budget->worst->toH);
    }

    public function worstBy(): string
    {
        return implode(', ', array_map(static fn(Appliance $a): string => $a->name, array_slice($this->budget->worstAppliances(), 0, 3)));
    }

    public function ampHours(): Figure
    {
        return $this->loads->ampHours();
    }

    /**
     * @return LengthAwarePaginator<int, Row>
     */
    public function rows(): LengthAwarePaginator
    {
        $all = $this->bench->job->appliances;
        $here = $all->forPage($this->page, self::PER_PAGE)->values();

        return (new LengthAwarePaginator(
            $here,
            $all->count(),
            self::PER_PAGE,
            $this->page,
            ['path' => route('loads', $this->bench->job)],
        ))->withQueryString();
    }

    /** A row's appliance as it is used in this scenario. */
    public function use(Row $row): ?Appliance
    {
        return $this->scenario === null ? null : $this->bench->study->system->appliances[$row->uid]->in($this->scenario->uid);
    }

    public function hours(Row $row): string
    {
        return HoursText::write($row->hours[$this->scenario->uid ?? ''] ?? []);
    }

    public function day(): DaySketch
    {
        return DaySketch::of($this->budget, Workbench::isNarrow());
    }

    /**
     * @return list<Hint> the five that save most
     */
    public function hints(): array
    {
        return array_slice(Hint::rank($this->loads), 0, 5);
    }

    /**
     * @return list<LoadSizing> one a scenario
     */
    public function compared(): array
    {
        return array_map(
            fn(Scenario $s): LoadSizing => LoadSizing::of($this->bench->study, $s),
            array_values($this->bench->study->system->scenarios),
        );
    }

    /**
     * @return list<string> names of what is usually aboard
     */
    public function usual(): array
    {
        return array_map(fn(string $key): string => $this->bench->say->word("appliances.names.$key"), UsualAppliances::keys());
    }

    /**
     * Parts that a load may hang on by itself, by uid; as the others do comes first.
     *
     * @return array<string, string>
     */
    public function hangsOn(): array
    {
        $parts = $this->bench->study->planned()->of(Family::Battery, Family::OvercurrentDevice, Family::DistributionBox, Family::Plug);

        return ['' => 'what the others hang on'] + array_combine(
            array_column($parts, 'uid'),
            array_map(fn(Part $p): string => $this->bench->say->part($p) . " ($p->uid)", $parts),
        );
    }

    /**
     * @return list<OtherSystem>
     */
    public function others(): array
    {
        return OtherSystem::all($this->bench->study);
    }

    public function listed(OtherSystem $other): string
    {
        return $other->loads === [] ? 'no loads noted' : implode(', ', array_column($other->loads, 'name'));
    }

    public function lasts(OtherSystem $other): string
    {
        return $other->budget->energyWhDay > 0.0 ? ': ' . $this->bench->show->text(
            $other->bank->days()->value,
            'days',
            1,
        ) . ' without charge' : '';
    }

    public function chargedBy(OtherSystem $other): string
    {
        return $other->sources === []
            ? 'nothing is drawn that charges it'
            : 'charged by ' . implode(', ', array_map($this->bench->say->part(...), $other->sources));
    }

    /**
     * @return array<string, string>
     */
    public function does(): array
    {
        return array_combine(
            array_column(Does::cases(), 'value'),
            array_map(fn(Does $d): string => $this->bench->say->word("appliances.does.$d->value"), Does::cases()),
        );
    }
}
