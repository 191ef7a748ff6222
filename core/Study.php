<?php

declare(strict_types=1);

namespace Pebblefell;

use Closure;
use Pebblefell\Assessment\Assessment;
use Pebblefell\Assessment\Judged;
use Pebblefell\Bank\Bank;
use Pebblefell\Bank\ShortCircuit;
use Pebblefell\Charging\DcdcFit;
use Pebblefell\Circuit\Branch;
use Pebblefell\Circuit\CableRun;
use Pebblefell\Circuit\CableRuns;
use Pebblefell\Circuit\Circuit;
use Pebblefell\Circuit\FusesInLine;
use Pebblefell\Circuit\Supply;
use Pebblefell\Circuit\Volts;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Load\Appliance;
use Pebblefell\Load\Together;
use Pebblefell\Outlook\TripSetup;
use Pebblefell\Outlook\YearOutlook;
use Pebblefell\Setting\GuardProfile;
use Pebblefell\Setting\Parameter;
use Pebblefell\Stage\Bank\BankDrawing;
use Pebblefell\Stage\Bank\Waking;
use Pebblefell\Stage\DayPlan\RunSheet;
use Pebblefell\Stage\Loads\LoadSizing;
use Pebblefell\Stage\Settings\SettingSheet;
use Pebblefell\Stage\Size\Axles;
use Pebblefell\Stage\Size\BankSizing;
use Pebblefell\Stage\Size\ChemistryChoice;
use Pebblefell\Stage\Size\Endurance;
use Pebblefell\Stage\Size\Frost;
use Pebblefell\Stage\Size\RoofPlan;
use Pebblefell\Stage\Size\StayOutlook;
use Pebblefell\Stage\Sources\AlternatorCheck;
use Pebblefell\Stage\Sources\EngineStart;
use Pebblefell\Stage\Sources\FrostMorning;
use Pebblefell\Stage\Sources\InverterCheck;
use Pebblefell\Stage\Sources\MainsCheck;
use Pebblefell\Stage\Sources\RegulatorGain;
use Pebblefell\Stage\Sources\SunSizing;
use Pebblefell\Stage\Test\TestSheet;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Place;
use Pebblefell\System\PvArray;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\System;
use Pebblefell\Trip\EnduranceMap;
use Pebblefell\Trip\Outcome;

/**
 * The hall: everything that is computed from one system. Each sum is solved when it is first asked for, and once.
 *
 * The rooms of the stages see one another only through it.
 */
final class Study
{
    /** @var array<string, mixed> */
    private array $solved = [];

    /** @var array<string, mixed> simulations, which take long */
    private array $simulated = [];

    /**
     * @param ?Closure(string): ?array{mixed} $known
     */
    private function __construct(public readonly System $system, private ?Closure $known, ?Judged $judged)
    {
        $this->solved = $judged === null ? [] : ['judged' => $judged];
    }

    /**
     * @param ?Closure(string): ?array{mixed} $known what a simulation of this very system gave before; null: it was not played
     * @param ?Judged $judged what was said of this very system before
     */
    public static function of(System $system, ?Closure $known = null, ?Judged $judged = null): self
    {
        return new self($system, $known, $judged);
    }

    /**
     * @return array<string, mixed> every simulation that has been played or read back, to be given to another Study of the same system
     */
    public function simulated(): array
    {
        return $this->simulated;
    }

    public function found(): Graph
    {
        return $this->once('found', fn(): Graph => $this->system->found());
    }

    public function planned(): Graph
    {
        return $this->once('planned', fn(): Graph => $this->system->planned());
    }

    public function judged(): Judged
    {
        return $this->once('judged', fn(): Judged => Judged::of($this));
    }

    /**
     * The day's work in its order.
     *
     * @param string $usual the workshop's first terminal off, negative or positive; the job's own goes before
     */
    public function runSheet(string $usual = 'negative'): RunSheet
    {
        $first = (string) ($this->system->vehicle->details['first_terminal'] ?? $usual);

        return $this->once("run-sheet $first", fn(): RunSheet => RunSheet::of($this, $first));
    }

    /** What is to be proven of the plan. */
    public function testSheet(): TestSheet
    {
        return $this->once('test-sheet', fn(): TestSheet => TestSheet::of($this));
    }

    /** What the rules say of it all. */
    public function assessment(): Assessment
    {
        return $this->once('assessment', fn(): Assessment => Assessment::of($this));
    }

    /** The day of the scenario that sizes the system. */
    public function loads(): LoadSizing
    {
        return $this->once('loads', fn(): LoadSizing => LoadSizing::of($this));
    }

    /** What can run together; null without an inverter's data sheet or AC loads. */
    public function together(): ?Together
    {
        return $this->once('together', fn(): ?Together => LoadSizing::together($this));
    }

    public function banks(): BankSizing
    {
        return $this->once('banks', fn(): BankSizing => BankSizing::of($this));
    }

    /** h that one load runs alone on the full planned bank; null without a bank. */
    public function runsH(Appliance $load): ?float
    {
        return $this->banks()->runsH($this->loads()->atBatteryW($load));
    }

    /** The planned bank if it is lithium: most of what goes wrong in an upgrade goes wrong beside it. */
    public function lithiumBank(): ?Bank
    {
        $bank = $this->banks()->planned->bank;

        return $bank?->chemistry()->isLithium() === true ? $bank : null;
    }

    /** Null as long as no place is chosen. */
    public function sun(): ?SunSizing
    {
        return $this->simulation('sun', fn(): ?SunSizing => SunSizing::of($this));
    }

    /**
     * Days of the stay on which all is served, of how many: what its fold says while it is closed, without the course of the stay.
     *
     * @return array{planned: ?array{int, int}, found: ?array{int, int}}
     */
    public function staysServed(): array
    {
        return $this->simulation('stay-served', function (): array {
            $served = static fn(?Outcome $o): ?array => $o === null ? null : [$o->daysServed(), count($o->days)];

            return ['planned' => $served($this->stay()?->planned), 'found' => $served($this->stay()?->found)];
        });
    }

    /** The planned system made ready to be simulated; null as long as no trip can be set up. */
    public function trip(): ?TripSetup
    {
        return $this->once(
            'trip',
            fn(): ?TripSetup => TripSetup::of($this->system, $this->planned(), $this->banks()->planned, $this->loads()->budget),
        );
    }

    public function year(): ?YearOutlook
    {
        return $this->simulation('year', fn(): ?YearOutlook => YearOutlook::of($this));
    }

    /** From a full bank through the poorest travelled month as it is lived; null as long as no trip can be set up. */
    public function lived(): ?Outcome
    {
        return $this->simulation('lived', function (): ?Outcome {
            $travel = $this->system->travel;
            $month = $this->sun()->ruling->month ?? null;
            $setup = $month === null ? null : $this->trip();

            return $setup === null || $month === null ? null : $setup->trip->through($setup->lived(
                $month,
                EnduranceMap::MOST_DAYS,
                $travel->drivingHDay,
            ));
        });
    }

    /** The planned panels on the roof; null as long as it is not measured. */
    public function roof(): ?RoofPlan
    {
        return $this->simulation('roof', fn(): ?RoofPlan => RoofPlan::of($this));
    }

    /** What the plan does to the axles; null as long as they are not measured. */
    public function axles(): ?Axles
    {
        return $this->once('axles', fn(): ?Axles => Axles::of($this));
    }

    /** The cold that the planned bank meets; null without one. */
    public function frost(): ?Frost
    {
        return $this->once('cold', fn(): ?Frost => Frost::of($this));
    }

    /** The first sunny morning after the coldest night to be expected; null where nothing freezes, or no trip can be set up. */
    public function frostMorning(): ?FrostMorning
    {
        return $this->simulation('frost', fn(): ?FrostMorning => FrostMorning::of($this));
    }

    public function stay(): ?StayOutlook
    {
        return $this->simulation('stay', fn(): ?StayOutlook => StayOutlook::of($this));
    }

    /**
     * @param int $month 1 to 12; 0: the whole year
     */
    public function endurance(DataSheet $battery, DataSheet $panel, int $month, bool $driving): ?Endurance
    {
        $key = 'map.' . hash('xxh128', serialize([$battery->values, $panel->values, $month, $driving]));

        return $this->simulation($key, fn(): ?Endurance => Endurance::of($this, $battery, $panel, $month, $driving));
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
        return $this->simulation(
            'library.' . hash('xxh128', serialize($batteries)),
            fn(): array => ChemistryChoice::all($this, $batteries),
        );
    }

    /**
     * @return list<PvArray> of the plan
     */
    public function arrays(): array
    {
        return $this->once('arrays', fn(): array => PvArray::allOf($this->planned()));
    }

    /**
     * What each planned array would bring in a year through either kind of regulator.
     *
     * @return array<string, ?RegulatorGain> by the regulator's uid
     */
    public function gains(): array
    {
        return $this->simulation('gains', function (): array {
            $gains = [];
            foreach ($this->arrays() as $array) {
                if ($array->regulator !== null) {
                    $gains[$array->regulator->uid] = RegulatorGain::of($this, $array);
                }
            }

            return $gains;
        });
    }

    /** The bank's positive side, followed from its posts. */
    public function circuit(): Circuit
    {
        return $this->once('circuit', function (): Circuit {
            $drawing = $this->drawing();

            return new Circuit($this->planned(), $this->banks()->planned, $drawing === null ? null : ShortCircuit::of($drawing->network));
        });
    }

    public function fusesInLine(): FusesInLine
    {
        return $this->once('fusesInLine', fn(): FusesInLine => FusesInLine::of(
            $this->planned(),
            $this->circuit(),
            $this->bankChargeV()->value ?? $this->system->vehicle->systemV,
        ));
    }

    /** The runs of the bank's positive side. */
    public function runs(): CableRuns
    {
        return $this->once('runs', fn(): CableRuns => CableRuns::from(
            $this->planned(),
            $this->circuit(),
            $this->banks()->planned->parts,
            $this->loads()->budget,
            $this->supply(),
        ));
    }

    /**
     * The way back: runs of the bank's negative side.
     *
     * @return list<CableRun>
     */
    public function returns(): array
    {
        return $this->once('returns', fn(): array => CableRuns::returns(
            $this->planned(),
            $this->banks()->planned->parts,
            $this->loads()->budget,
            $this->supply(),
        ));
    }

    /** What hangs behind a part of the bank's positive side. */
    public function branch(Part $part): Branch
    {
        $circuit = $this->circuit();
        $behind = $circuit->behind($part);

        return Branch::of(
            $this->planned(),
            $behind,
            $this->once('loadsAnywhere', fn(): bool => !Branch::feedsLoads($this->planned(), $circuit->whole())),
            $behind === null ? $this->loads()->budget : $this->loads()->budgetBehind($this, $part, $behind),
            $this->supply(),
        );
    }

    /** Loads are noted to have this fuse for themselves. */
    public function isTheirOwn(Part $fuse): bool
    {
        return LoadSizing::isTheirOwn($this, $fuse, $this->circuit()->behind($fuse));
    }

    /** The coldest morning on record at the place, °C; assumed where no place is chosen. */
    public function coldestMorningC(): float
    {
        return $this->system->place?->recordLowC() ?? Place::ASSUMED_MIN_C - Place::RECORD_BELOW_C;
    }

    /** A that the planned bank takes in charge; null without one. */
    public function bankTakes(): ?Figure
    {
        return $this->once('takes', fn(): ?Figure => BankSizing::takes($this));
    }

    /** The charging volts that the planned bank bears, by its sheet, else by its cells. */
    public function bankBears(): Figure
    {
        $case = $this->banks()->planned;
        $sheet = $case->parts === [] ? null : $case->parts[0]->data->number('max_charge_v');
        $volts = match (true) {
            $case->bank === null => 0.0,
            $sheet !== null => $sheet * $case->bank->series,
            default => $case->bank->cells() * $case->bank->chemistry()->ceilingCellV(),
        };

        return Figure::given('battery-bears', $volts, 'V', $sheet !== null ? Origin::DataSheet : Origin::Assumed);
    }

    /** V below which the bank's BMS opens; of lead, below which a cell is harmed. Assumed where the sheet is silent. */
    public function bankOpensBelow(): Figure
    {
        $case = $this->banks()->planned;
        $sheet = $case->parts === [] ? null : $case->parts[0]->data->number('cutoff_v');
        $set = $this->bmsCellLow();
        if ($case->bank !== null && $set !== null) {
            return Figure::given('bms-cut-off', round($case->bank->cells() * $set, 3), 'V', Origin::Typed);
        }
        $volts = match (true) {
            $case->bank === null => 0.0,
            $sheet !== null => $sheet * $case->bank->series,
            default => $case->bank->cells() * ($case->bank->chemistry()->isLithium()
                ? GuardProfile::BMS_CELL_V
                : $case->bank->chemistry()->lowestCellV()),
        };

        return Figure::given('bms-cut-off', $volts, 'V', $sheet !== null ? Origin::DataSheet : Origin::Assumed);
    }

    /** A DC-DC charger of the plan on its alternator; null while its output is not known. */
    public function dcdc(Part $charger): ?DcdcFit
    {
        return AlternatorCheck::dcdc($this->system, $this->planned(), $charger);
    }

    /** V a cell at which a BMS of its own was noted, or is planned by a person, to open; null without one. */
    private function bmsCellLow(): ?float
    {
        foreach ($this->planned()->ofKind(PartKind::Bms) as $bms) {
            $entry = $this->system->settingsOf($bms->uid)[Parameter::CellLow->value] ?? null;
            $value = $entry === null ? null : ($entry->readBack ?? $entry->asSet ?? $entry->planned)?->number;
            if ($value !== null) {
                return $value;
            }
        }

        return null;
    }

    /** What the sources of the plan bring together, by their ratings, or by what they were set to. */
    public function supply(): Supply
    {
        return $this->once('supply', function (): Supply {
            $bank = $this->banks()->planned->bank;
            $volts = $this->bankChargeV()->value ?? $this->system->vehicle->systemV;

            return Supply::of(
                $bank === null ? [] : array_values(array_filter(
                    $this->planned()->chargers(),
                    fn(Part $p): bool => Volts::brings($p, $this->planned(), $this->system->vehicle->systemV),
                )),
                $this->arrays(),
                $volts,
                $this->settings()->chargeLimits(),
            );
        });
    }

    /** The highest volts that the planned bank is charged to; null without one. */
    public function bankChargeV(): ?Figure
    {
        return $this->once('chargeV', function (): ?Figure {
            $case = $this->banks()->planned;
            $most = $case->parts === [] ? null : $case->parts[0]->data->figure('max_charge_v');
            if ($case->bank === null || $most === null || $case->bank->series === 1) {
                return $case->bank === null ? null : $most ?? $this->settings()->profile?->figure(Parameter::Absorption);
            }

            return new Figure(
                $most->label,
                $most->value * $case->bank->series,
                'V',
                'blocks',
                [$most, Figure::given('blocks-in-series', $case->bank->series, '')],
                'battery-sheet',
            );
        });
    }

    /** What the alternator that feeds the chargers is rated. */
    public function alternatorCurrent(): Figure
    {
        return $this->once('alternator', fn(): Figure => AlternatorCheck::rated($this->planned()));
    }

    /** The alternator whose volts the engine's computer turns up and down; null where none is noted. */
    public function variableAlternator(): ?Part
    {
        return AlternatorCheck::variable($this->planned());
    }

    /** What an emptied bank would draw straight through a relay, of the plan or as found; null without a bank or a relay. */
    public function relayCurrent(?Part $isolator = null): ?Figure
    {
        $isolator ??= $this->planned()->ofKind(PartKind::Isolator)[0] ?? $this->found()->ofKind(PartKind::Isolator)[0] ?? null;

        return $isolator === null ? null : AlternatorCheck::throughRelay($this, $isolator);
    }

    public function mains(): MainsCheck
    {
        return $this->once('mains', fn(): MainsCheck => MainsCheck::of($this));
    }

    public function inverter(): ?InverterCheck
    {
        return $this->once('inverter', fn(): ?InverterCheck => InverterCheck::of($this));
    }

    /** The engine started from the house bank; null where there is nothing to start. */
    public function engineStart(): ?EngineStart
    {
        return $this->once('start', fn(): ?EngineStart => EngineStart::of($this));
    }

    /** The planned bank as its conductors draw it; null without a bank. */
    public function drawing(): ?BankDrawing
    {
        return $this->once('drawing', fn(): ?BankDrawing => BankDrawing::asDrawn($this));
    }

    /** What brings the planned bank back when it has gone dark; null without one. */
    public function waking(): ?Waking
    {
        return $this->once('waking', fn(): ?Waking => Waking::of($this));
    }

    public function settings(): SettingSheet
    {
        return $this->once('settings', fn(): SettingSheet => SettingSheet::of($this));
    }

    /**
     * @template T
     *
     * @param Closure(): T $solve
     *
     * @return T
     */
    private function once(string $what, Closure $solve): mixed
    {
        if (!array_key_exists($what, $this->solved)) {
            $this->solved[$what] = $solve();
        }

        return $this->solved[$what];
    }

    /**
     * What stands until the model changes, or what $what names beside it: worked out once, and kept beside the model.
     *
     * @param string          $what  "worked.1-17", with what it rests on
     * @param Closure(): bool $judge
     */
    public function verdict(string $what, Closure $judge): bool
    {
        return $this->simulation($what, $judge);
    }

    /**
     * @template T
     *
     * @param Closure(): T $play
     *
     * @return T
     */
    private function simulation(string $what, Closure $play): mixed
    {
        if (!array_key_exists($what, $this->simulated)) {
            [$this->simulated[$what]] = $this->known === null ? [$play()] : ($this->known)($what) ?? [$play()];
        }

        return $this->simulated[$what];
    }
}
