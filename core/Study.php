<?php

declare(strict_types=1);

namespace Pebblefell;

use Closure;
use Pebblefell\Assessment\Assessment;
use Pebblefell\Assessment\Judged;
use Pebblefell\Bank\Bank;
use Pebblefell\Bank\ShortCircuit;
use Pebblefell\Charging\DcdcFit;
use Pebblefell\Circuit\Circuit;
use Pebblefell\Circuit\FusesInLine;
use Pebblefell\Circuit\RelayLoop;
use Pebblefell\Circuit\Supply;
use Pebblefell\Circuit\Volts;
use Pebblefell\Finding\Figure;
use Pebblefell\Load\Appliance;
use Pebblefell\Load\Together;
use Pebblefell\Outlook\TripSetup;
use Pebblefell\Stage\Bank\BankDrawing;
use Pebblefell\Stage\Bank\BankLimits;
use Pebblefell\Stage\Bank\Waking;
use Pebblefell\Stage\DayPlan\RunSheet;
use Pebblefell\Stage\Loads\LoadSizing;
use Pebblefell\Stage\Settings\SettingSheet;
use Pebblefell\Stage\Size\Axles;
use Pebblefell\Stage\Size\BankSizing;
use Pebblefell\Stage\Size\Frost;
use Pebblefell\Stage\Sources\AlternatorCheck;
use Pebblefell\Stage\Sources\EngineStart;
use Pebblefell\Stage\Sources\InverterCheck;
use Pebblefell\Stage\Sources\MainsCheck;
use Pebblefell\Stage\Test\TestSheet;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\Place;
use Pebblefell\System\PvArray;
use Pebblefell\System\System;

/**
 * The hall: everything that is computed from one system. Each sum is solved when it is first asked for, and once.
 *
 * The rooms of the stages see one another only through it.
 */
final class Study
{
    /** @var array<string, mixed> */
    private array $solved = [];

    /** Plays what takes long. */
    public readonly Simulations $simulations;

    /** Holds what the planned bank bears. */
    public readonly BankLimits $limits;

    /**
     * @param ?Closure(string): ?array{mixed} $known
     */
    private function __construct(public readonly System $system, ?Closure $known, ?Judged $judged)
    {
        $this->simulations = new Simulations($this, $known);
        $this->limits = new BankLimits($this);
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
        $first = $this->system->vehicle->firstTerminal ?? $usual;

        return $this->once("run-sheet $first", fn(): RunSheet => RunSheet::withSteps($this, $this->simulations->steps($first)));
    }

    /** Returns what is to be proven of the plan. */
    public function testSheet(): TestSheet
    {
        return $this->once('test-sheet', fn(): TestSheet => TestSheet::of($this));
    }

    /** Returns what the rules say of it all. */
    public function assessment(): Assessment
    {
        return $this->once('assessment', fn(): Assessment => Assessment::of($this));
    }

    /** The day of the scenario that sizes the system. */
    public function loads(): LoadSizing
    {
        return $this->once('loads', fn(): LoadSizing => LoadSizing::of($this));
    }

    /** Returns what can run together; null without an inverter's data sheet or AC loads. */
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

    /** The planned system made ready to be simulated; null as long as no trip can be set up. */
    public function trip(): ?TripSetup
    {
        return $this->once(
            'trip',
            fn(): ?TripSetup => TripSetup::of($this->system, $this->planned(), $this->banks()->planned, $this->loads()->budget),
        );
    }

    /** Returns what the plan does to the axles; null as long as they are not measured. */
    public function axles(): ?Axles
    {
        return $this->once('axles', fn(): ?Axles => Axles::of($this));
    }

    /** The cold that the planned bank meets; null without one. */
    public function frost(): ?Frost
    {
        return $this->once('cold', fn(): ?Frost => Frost::of($this));
    }

    /**
     * @return list<PvArray> of the plan
     */
    public function arrays(): array
    {
        return $this->once('arrays', fn(): array => PvArray::allOf($this->planned()));
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
            $this->limits->chargeV()->value ?? $this->system->vehicle->systemV,
        ));
    }

    /** Returns what flows in every lead that is drawn. */
    public function cables(): Cables
    {
        return $this->once('cables', fn(): Cables => new Cables($this));
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

    /** A DC-DC charger of the plan on its alternator; null while its output is not known. */
    public function dcdc(Part $charger): ?DcdcFit
    {
        return AlternatorCheck::dcdc($this->system, $this->planned(), $charger);
    }

    /** Returns what the sources of the plan bring together, by their ratings, or by what they were set to. */
    public function supply(): Supply
    {
        return $this->once('supply', function (): Supply {
            $bank = $this->banks()->planned->bank;
            $volts = $this->limits->chargeV()->value ?? $this->system->vehicle->systemV;

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

    /** Returns what the alternator that feeds the chargers is rated. */
    public function alternatorCurrent(): Figure
    {
        return $this->once('alternator', fn(): Figure => RelayLoop::rated($this->planned()));
    }

    /** The alternator whose volts the engine's computer turns up and down; null where none is noted. */
    public function variableAlternator(): ?Part
    {
        return AlternatorCheck::variable($this->planned());
    }

    /** Returns what an emptied bank would draw straight through a relay, of the plan or as found; null without a bank or a relay. */
    public function relayCurrent(?Part $isolator = null): ?Figure
    {
        $isolator ??= $this->planned()->of(Family::SplitRelay)[0] ?? $this->found()->of(Family::SplitRelay)[0] ?? null;

        $bank = $this->banks()->planned;

        return $isolator === null || $bank->bank === null
            ? null
            : RelayLoop::into($this->planned(), $this->system->vehicle, $isolator, $bank->bank, $bank->parts);
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

    /** Returns what brings the planned bank back when it has gone dark; null without one. */
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

}
