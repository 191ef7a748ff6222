<?php

declare(strict_types=1);

namespace Pebblefell\Sizing;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Inverter\Inverter;
use Pebblefell\Load\Budget;
use Pebblefell\Load\Side;
use Pebblefell\Load\Together;
use Pebblefell\Load\UsualAppliances;
use Pebblefell\System\ApplianceUse;
use Pebblefell\System\PartKind;
use Pebblefell\System\Scenario;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\System;

/** The day's energy and worst moment of one scenario, with the inverter that is planned (or found, or assumed). */
final readonly class LoadSizing
{
    /** What the ordinary inverter gives, W, that is reckoned with where a job has none; only its losses count. Chosen. */
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
    public static function of(System $system, ?Scenario $scenario = null): self
    {
        $scenario ??= $system->sizingScenario();
        $part = $system->planned()->inverter() ?? $system->found()->inverter();
        // Without an inverter in the job an ordinary one is reckoned with.
        $sheet = $part === null ? DataSheet::of(PartKind::Inverter, ['continuous_w' => self::ORDINARY_W]) : $part->data;
        [$efficiency, $idle] = [$sheet->figureOrUsual('efficiency_pct'), $sheet->figureOrUsual('idle_w')];
        $appliances = $scenario === null ? [] : array_map(
            static fn(ApplianceUse $use) => $use->in($scenario->uid),
            array_values($system->appliances),
        );
        $hasAc = array_filter($appliances, static fn($a): bool => $a->side === Side::Ac) !== [];
        $alwaysOn = $scenario !== null && $scenario->inverterAlwaysOn;
        $inverter = $hasAc || ($part !== null && $alwaysOn) ? Inverter::of($efficiency->value, $idle->value, $alwaysOn) : null;

        return new self($scenario, Budget::of($appliances, $inverter, $system->vehicle->systemV), $efficiency, $idle, $part !== null);
    }

    /** Wh a day at the battery. */
    public function energy(): Figure
    {
        $inputs = [];
        foreach ($this->budget->appliances as $appliance) {
            $inputs[] = new Figure($appliance->name, round($this->budget->energyOfWh($appliance), 1), 'Wh', 'watts × quantity × hours × duty + standby × remaining hours' . ($appliance->side === Side::Ac ? ', ÷ inverter efficiency' : ''));
        }
        $inputs = self::largest($inputs, 'Wh');
        if ($this->budget->inverter !== null) {
            $idleH = array_sum(array_map(
                fn($m): float => $m->inverterW > 0.0 ? $m->hours() : 0.0,
                $this->budget->moments,
            ));
            $inputs[] = $this->efficiencyPct;
            $inputs[] = new Figure('Inverter, for being on', round($this->budget->inverter->idleW * $idleH, 1), 'Wh', 'idle draw × hours on', [$this->idleW, Figure::given('hours on', round($idleH, 2), 'h', Origin::Computed)]);
        }

        return new Figure('Energy a day, at the battery', $this->budget->energyWhDay, 'Wh', 'sum over the appliances, AC through the inverter', $inputs, 'first principles');
    }

    /** Share of the day's energy that goes into what heats or cools, 0 to 1. */
    public function heatingAndCoolingShare(): float
    {
        $wh = 0.0;
        foreach ($this->budget->appliances as $appliance) {
            $wh += UsualAppliances::heatsOrCools($appliance->name) ? $this->budget->energyOfWh($appliance) : 0.0;
        }

        return $this->budget->energyWhDay > 0.0 ? $wh / $this->budget->energyWhDay : 0.0;
    }

    /** Worst moment at the battery, W. */
    public function peak(): Figure
    {
        $worst = $this->budget->worst;
        $inputs = [];
        foreach ($this->budget->worstAppliances() as $appliance) {
            $inputs[] = Figure::given($appliance->name, $appliance->peakWattsAt($worst->fromH), 'W', Origin::Typed);
        }
        $inputs = self::largest($inputs, 'W');
        if ($worst->acPeakW > 0.0) {
            $inputs[] = $this->efficiencyPct;
            $inputs[] = $this->idleW;
        }

        return new Figure('Worst moment, at the battery', $worst->peakW, 'W', 'everything that is on at once, duty ignored; AC ÷ efficiency + idle draw', $inputs, 'first principles');
    }

    /** What can run together on the planned inverter and bank; null without an inverter's data sheet or AC loads. */
    public static function together(Sums $sums): ?Together
    {
        $inverter = $sums->planned->inverter() ?? $sums->found->inverter();
        $continuous = $inverter?->data->number('continuous_w');
        if ($inverter === null || $continuous === null || $sums->loads->budget->acPeakW <= 0.0) {
            return null;
        }
        $bank = $sums->banks->planned->bank;

        return Together::of(
            $sums->loads->budget->appliances,
            $continuous,
            $inverter->data->number('surge_w'),
            $bank?->dischargeLimitA(),
            $bank?->nominalV() ?? $sums->system->vehicle->systemV,
            $sums->loads->efficiencyPct->value,
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

        return [...array_slice($figures, 0, self::SHOWN), Figure::given(count($rest) . ' others', $sum, $unit, Origin::Computed)];
    }

    /** Largest start, W (at the outlets when it is an AC load). */
    public function surge(): Figure
    {
        return new Figure('Largest start', $this->budget->surgeW, 'W', 'start surge of one in place of its running watts, on top of what runs then', [], 'first principles');
    }
}
