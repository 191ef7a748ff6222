<?php

declare(strict_types=1);

namespace Pebblefell;

use Closure;
use Pebblefell\Assessment\Assessment;
use Pebblefell\Bank\Bank;
use Pebblefell\Finding\Figure;
use Pebblefell\Load\Together;
use Pebblefell\Outlook\TripSetup;
use Pebblefell\Outlook\YearOutlook;
use Pebblefell\Stage\Bank\BankDrawing;
use Pebblefell\Stage\Loads\LoadSizing;
use Pebblefell\Stage\Settings\SettingSheet;
use Pebblefell\Stage\Size\BankSizing;
use Pebblefell\Stage\Size\Endurance;
use Pebblefell\Stage\Size\StayOutlook;
use Pebblefell\Stage\Sources\AlternatorCheck;
use Pebblefell\Stage\Sources\EngineStart;
use Pebblefell\Stage\Sources\InverterCheck;
use Pebblefell\Stage\Sources\MainsCheck;
use Pebblefell\Stage\Sources\RegulatorGain;
use Pebblefell\Stage\Sources\SunSizing;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\PvArray;
use Pebblefell\System\Sheet\DataSheet;
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

    /** @var array<string, mixed> simulations, which take long */
    private array $simulated = [];

    /**
     * @param ?Closure(): array<string, mixed> $known
     */
    private function __construct(public readonly System $system, private ?Closure $known)
    {
    }

    /**
     * @param ?Closure(): array<string, mixed> $known what simulated() gave of this very system before; asked once, by the first simulation
     */
    public static function of(System $system, ?Closure $known = null): self
    {
        return new self($system, $known);
    }

    /**
     * @return array<string, mixed> every simulation that has been played, to be given to another Study of the same system
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

    /** The planned bank if it is lithium: most of what goes wrong in an upgrade goes wrong beside it. */
    public function lithiumBank(): ?Bank
    {
        $bank = $this->banks()->planned->bank;

        return $bank?->chemistry()->isLithium() === true ? $bank : null;
    }

    /** Null as long as no place is chosen. */
    public function sun(): ?SunSizing
    {
        return $this->once('sun', fn(): ?SunSizing => SunSizing::of($this));
    }

    /** The planned system made ready to be simulated; null as long as no trip can be set up. */
    public function trip(): ?TripSetup
    {
        return $this->once('trip', fn(): ?TripSetup => TripSetup::of($this->system, $this->planned(), $this->banks()->planned, $this->loads()->budget));
    }

    public function year(): ?YearOutlook
    {
        return $this->simulation('year', fn(): ?YearOutlook => YearOutlook::of($this));
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

    /** What the alternator that feeds the chargers is rated. */
    public function alternatorCurrent(): Figure
    {
        return $this->once('alternator', fn(): Figure => AlternatorCheck::rated($this->planned()));
    }

    /** What an emptied bank would draw straight through a relay; null without a bank. */
    public function relayCurrent(): ?Figure
    {
        return $this->once('relay', fn(): ?Figure => AlternatorCheck::throughRelay($this));
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
     * @template T
     *
     * @param Closure(): T $play
     *
     * @return T
     */
    private function simulation(string $what, Closure $play): mixed
    {
        if ($this->known !== null) {
            [$this->simulated, $this->known] = [($this->known)(), null];
        }
        if (!array_key_exists($what, $this->simulated)) {
            $this->simulated[$what] = $play();
        }

        return $this->simulated[$what];
    }
}
