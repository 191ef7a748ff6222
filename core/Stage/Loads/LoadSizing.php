<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Loads;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Word;
use Pebblefell\Inverter\Inverter;
use Pebblefell\Load\Appliance;
use Pebblefell\Load\Budget;
use Pebblefell\Load\LoadSide;
use Pebblefell\Load\Together;
use Pebblefell\Study;
use Pebblefell\System\ApplianceUse;
use Pebblefell\System\Graph\Reach;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Scenario;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\System;
use Pebblefell\System\Warmth;

/** The day's energy and worst moment of one scenario, with the inverter that is planned (or found, or assumed). */
final readonly class LoadSizing
{
    /** Holds what the ordinary inverter gives, W, that is reckoned with where a job has none; only its losses count. Chosen. */
    private const ORDINARY_W = 1000.0;

    /** So many inputs of a sum are shown one by one. Chosen. */
    private const SHOWN = 30;

    private function __construct(
        public ?Scenario $scenario,
        public Budget $budget,
        public Figure $efficiencyPct,
        public Figure $idleW,
        public bool $inverterKnown,
    ) {
    }

    /**
     * @param ?Scenario $scenario null: the one that sizes the system
     */
    public static function of(Study $study, ?Scenario $scenario = null): self
    {
        $system = $study->system;
        $scenario ??= $system->sizingScenario();
        $part = $study->planned()->inverter() ?? $study->found()->inverter();
        // Without an inverter in the job an ordinary one is reckoned with.
        $sheet = $part === null ? DataSheet::of(PartKind::Inverter, ['continuous_w' => self::ORDINARY_W]) : $part->data;
        [$efficiency, $idle] = [$sheet->figureOrUsual('efficiency_pct'), $sheet->figureOrUsual('idle_w')];
        $appliances = $scenario === null ? [] : array_map(
            static fn(ApplianceUse $use) => $use->in($scenario->uid),
            array_values(array_filter($system->appliances, static fn(ApplianceUse $use): bool => !$study->planned()->isApart($use->fedBy))),
        );
        $hasAc = array_filter($appliances, static fn($a): bool => $a->side === LoadSide::Ac) !== [];
        $alwaysOn = $scenario !== null && $scenario->inverterAlwaysOn;
        $inverter = $hasAc || ($part !== null && $alwaysOn) ? Inverter::of($efficiency->value, $idle->value, $alwaysOn) : null;

        return new self($scenario, Budget::of($appliances, $inverter, $system->vehicle->systemV), $efficiency, $idle, $part !== null);
    }

    /**
     * The budget of what may draw through a part: all but the loads that are noted to hang elsewhere; of a fuse that loads are noted to
     * have for themselves, these alone.
     *
     * @param Reach $behind what hangs behind the part
     */
    public function budgetBehind(Study $study, Part $part, Reach $behind): Budget
    {
        [$system, $scenario] = [$study->system, $this->scenario];
        $noted = array_filter($system->appliances, static fn(ApplianceUse $use): bool => isset($study->planned()->parts[$use->fedBy]));
        if ($noted === [] || $scenario === null) {
            return $this->budget;
        }
        $here = array_filter(
            $noted,
            static fn(ApplianceUse $use): bool => $use->fedBy === $part->uid || isset($behind->parts()[$use->fedBy]),
        );
        $loads = self::isTheirOwn($study, $part, $behind) ? $here : array_diff_key($system->appliances, array_diff_key($noted, $here));

        return Budget::of(
            array_values(array_map(static fn(ApplianceUse $use) => $use->in($scenario->uid), $loads)),
            $this->budget->inverter,
            $this->budget->systemV,
        );
    }

    /** Loads are noted to hang on this very fuse, and nothing else is drawn behind it: it is theirs, whoever stands beside it. */
    public static function isTheirOwn(Study $study, Part $fuse, ?Reach $behind): bool
    {
        $others = array_filter($behind?->parts() ?? [], static fn(Part $p): bool => $p->uid !== $fuse->uid);

        return $others === [] && array_filter(
            $study->system->appliances,
            static fn(ApplianceUse $use): bool => $use->fedBy === $fuse->uid,
        ) !== [];
    }

    /** Wh a day at the battery. */
    public function energy(): Figure
    {
        $inputs = [];
        foreach ($this->budget->appliances as $appliance) {
            $inputs[] = new Figure(
                Word::typed($appliance->name),
                round($this->budget->energyOfWh($appliance), 1),
                'Wh',
                $appliance->side === LoadSide::Ac ? 'appliance-ac' : 'appliance',
            );
        }
        $inputs = self::largest($inputs, 'Wh');
        if ($this->budget->inverter !== null) {
            $idleH = array_sum(array_map(
                fn($m): float => $m->inverterW > 0.0 ? $m->hours() : 0.0,
                $this->budget->moments,
            ));
            $inputs[] = $this->efficiencyPct;
            $inputs[] = new Figure(
                'inverter-for-being-on',
                round($this->budget->inverter->idleW * $idleH, 1),
                'Wh',
                'inverter-for-being-on',
                [$this->idleW, Figure::given('hours-on', round($idleH, 2), 'h', Origin::Computed)],
            );
        }

        return new Figure(
            'energy-a-day-at-the-battery',
            $this->budget->energyWhDay,
            'Wh',
            'energy-a-day-at-the-battery',
            $inputs,
            'first-principles',
        );
    }

    /** Ah a day at the battery. */
    public function ampHours(): Figure
    {
        return new Figure(
            'ah-a-day',
            $this->budget->energyAhDay(),
            'Ah',
            'ah-a-day',
            [$this->energy(), Figure::given('system-volts', $this->budget->systemV, 'V')],
            'first-principles',
        );
    }

    /** Share of the day's energy that goes into what heats or cools, 0 to 1. */
    public function heatingAndCoolingShare(): float
    {
        $wh = 0.0;
        foreach ($this->budget->appliances as $appliance) {
            $wh += $appliance->does->heatsOrCools() ? $this->budget->energyOfWh($appliance) : 0.0;
        }

        return $this->budget->energyWhDay > 0.0 ? $wh / $this->budget->energyWhDay : 0.0;
    }

    /** Worst moment at the battery, W. */
    public function peak(): Figure
    {
        $worst = $this->budget->worst;
        $inputs = [];
        foreach ($this->budget->worstAppliances() as $appliance) {
            $inputs[] = Figure::given(Word::typed($appliance->name), $appliance->peakWattsAt($worst->fromH), 'W', Origin::Typed);
        }
        $inputs = self::largest($inputs, 'W');
        if ($worst->acPeakW > 0.0) {
            $inputs[] = $this->efficiencyPct;
            $inputs[] = $this->idleW;
        }

        return new Figure('worst-moment-at-the-battery', $worst->peakW, 'W', 'worst-moment-at-the-battery', $inputs, 'first-principles');
    }

    /** W that a load draws from the battery while it runs: through the inverter, with what that needs itself. */
    public function atBatteryW(Appliance $load): float
    {
        return $load->side === LoadSide::Ac
            ? $load->watts * $load->quantity / ($this->efficiencyPct->value / 100.0) + $this->idleW->value
            : $load->watts * $load->quantity;
    }

    /** Returns what can run together on the planned inverter and bank; null without an inverter's data sheet or AC loads. */
    public static function together(Study $study): ?Together
    {
        $inverter = $study->planned()->inverter() ?? $study->found()->inverter();
        $continuous = $inverter?->data->number('continuous_w');
        if ($inverter === null || $continuous === null || $study->loads()->budget->acPeakW <= 0.0) {
            return null;
        }
        $bank = $study->banks()->planned->bank;
        $drawing = $study->drawing();

        return Together::of(
            $study->loads()->budget->appliances,
            $continuous * (Warmth::at($inverter, $study->system->measurements)?->share() ?? 1.0),
            $inverter->data->number('surge_w'),
            $drawing !== null && $drawing->problem === null
                ? $drawing->trueLimit(true)->value ?? $bank?->dischargeLimitA()
                : $bank?->dischargeLimitA(),
            $bank?->nominalV() ?? $study->system->vehicle->systemV,
            $study->loads()->efficiencyPct->value,
        );
    }

    /**
     * The figures that weigh most, and the rest in one.
     *
     * @param list<Figure> $figures
     *
     * @return list<Figure>
     */
    private static function largest(array $figures, string $unit): array
    {
        if (count($figures) <= self::SHOWN) {
            return $figures;
        }
        usort($figures, static fn(Figure $a, Figure $b): int => $b->value <=> $a->value);
        $rest = array_slice($figures, self::SHOWN);
        $sum = array_sum(array_map(static fn(Figure $f): float => $f->value, $rest));

        return [
            ...array_slice($figures, 0, self::SHOWN),
            Figure::given(Word::of('figures.labels.others', ['count' => count($rest)]), $sum, $unit, Origin::Computed),
        ];
    }

    /** Largest start, W (at the outlets when it is an AC load). */
    public function surge(): Figure
    {
        return new Figure('largest-start', $this->budget->surgeW, 'W', 'largest-start', [], 'first-principles');
    }
}
