<?php

declare(strict_types=1);

namespace Pebblefell;

use Closure;
use Pebblefell\Outlook\YearOutlook;
use Pebblefell\Stage\DayPlan\RunSheet;
use Pebblefell\Stage\DayPlan\Step;
use Pebblefell\Stage\Size\ChemistryChoice;
use Pebblefell\Stage\Size\ComesIn;
use Pebblefell\Stage\Size\Endurance;
use Pebblefell\Stage\Size\RoofPlan;
use Pebblefell\Stage\Size\StayOutlook;
use Pebblefell\Stage\Sources\FrostMorning;
use Pebblefell\Stage\Sources\RegulatorGain;
use Pebblefell\Stage\Sources\SunSizing;
use Pebblefell\System\Part;
use Pebblefell\Trip\Outcome;

/**
 * Tells what takes long: the simulations of one system, each played when it is first asked for, and once; or read back, where it was
 * kept.
 */
final class Simulations
{
    /** @var array<string, mixed> */
    private array $played = [];

    /**
     * @param ?Closure(string): ?array{mixed} $known what a simulation of this very system gave before; null: it was not played
     */
    public function __construct(private readonly Study $study, private readonly ?Closure $known)
    {
    }

    /**
     * @return array<string, mixed> every one that has been played or read back, to be given to another Study of the same system
     */
    public function all(): array
    {
        return $this->played;
    }

    /** Null as long as no place is chosen. */
    public function sun(): ?SunSizing
    {
        return $this->once('sun', fn(): ?SunSizing => SunSizing::of($this->study));
    }

    /**
     * Days of the stay on which all is served, of how many: what its fold says while it is closed, without the course of the stay.
     *
     * @return array{planned: ?array{int, int}, found: ?array{int, int}}
     */
    public function staysServed(): array
    {
        return $this->once('stay-served', function (): array {
            $served = static fn(?Outcome $o): ?array => $o === null ? null : [$o->daysServed(), count($o->days)];

            return ['planned' => $served($this->stay()?->planned), 'found' => $served($this->stay()?->found)];
        });
    }

    public function year(): ?YearOutlook
    {
        return $this->once('year', fn(): ?YearOutlook => YearOutlook::of($this->study));
    }

    /**
     * Days from a full bank through the poorest travelled month as it is lived, at most EnduranceMap::MOST_DAYS; null as long as no trip
     * can be set up.
     */
    public function livedDays(): ?float
    {
        return $this->once('lived-days', function (): ?float {
            $month = $this->sun()->ruling->month ?? null;

            return $month === null ? null : $this->study->trip()?->livedDays($month, $this->study->system->travel->drivingHDay);
        });
    }

    /** The planned panels on the roof; null as long as it is not measured. */
    public function roof(): ?RoofPlan
    {
        return $this->once('roof', fn(): ?RoofPlan => RoofPlan::of($this->study));
    }

    /** The first sunny morning after the coldest night to be expected; null where nothing freezes, or no trip can be set up. */
    public function frostMorning(): ?FrostMorning
    {
        return $this->once('frost', fn(): ?FrostMorning => FrostMorning::of($this->study));
    }

    public function stay(): ?StayOutlook
    {
        return $this->once('stay', fn(): ?StayOutlook => StayOutlook::of($this->study));
    }

    /**
     * @param int $month 1 to 12; 0: the whole year
     */
    public function endurance(Part $battery, Part $panel, int $month, ComesIn $in): ?Endurance
    {
        $of = [$battery->typedName(), $battery->data->values, $panel->typedName(), $panel->data->values, $month, $in];

        return $this->once(
            'map.' . hash('xxh128', serialize($of)),
            fn(): ?Endurance => Endurance::of($this->study, $battery, $panel, $month, $in),
        );
    }

    /**
     * The cheapest bank of each chemistry that fulfils the wish.
     *
     * @param list<Part> $batteries to choose from
     *
     * @return list<ChemistryChoice>
     */
    public function chemistries(array $batteries): array
    {
        return $this->once(
            'library.' . hash('xxh128', serialize($batteries)),
            fn(): array => ChemistryChoice::all($this->study, $batteries),
        );
    }

    /**
     * Returns what each planned array would bring in a year through either kind of regulator.
     *
     * @return array<string, ?RegulatorGain> by the regulator's uid
     */
    public function gains(): array
    {
        return $this->once('gains', function (): array {
            $gains = [];
            foreach ($this->study->arrays() as $array) {
                if ($array->regulator !== null) {
                    $gains[$array->regulator->uid] = RegulatorGain::of($this->study, $array);
                }
            }

            return $gains;
        });
    }

    /**
     * The steps of the day's work, each found by playing the circuit on to the one before.
     *
     * @param string $firstTerminal negative or positive
     *
     * @return list<Step>
     */
    public function steps(string $firstTerminal): array
    {
        return $this->once("steps-$firstTerminal", fn(): array => RunSheet::of($this->study, $firstTerminal)->steps);
    }

    /**
     * Returns what stands until the model changes, or what $what names beside it: worked out once, and kept beside the model.
     *
     * @param string          $what  "worked.1-17", with what it rests on
     * @param Closure(): bool $judge
     */
    public function verdict(string $what, Closure $judge): bool
    {
        return $this->once($what, $judge);
    }

    /**
     * @template T
     *
     * @param Closure(): T $play
     *
     * @return T
     */
    private function once(string $what, Closure $play): mixed
    {
        if (!array_key_exists($what, $this->played)) {
            [$this->played[$what]] = $this->known === null ? [$play()] : ($this->known)($what) ?? [$play()];
        }

        return $this->played[$what];
    }
}
