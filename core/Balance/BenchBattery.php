<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

use Pebblefell\Trip\Noise;

/**
 * A battery that is not there: a stand-in on the simulated bench, cell by cell, with hidden charges, tolerances, noise and faults.
 *
 * V = sum of the cells' rest curves + surface + I·R. The surface charge goes to 30 mV a cell under charge within minutes and fades with 2 h
 * at rest (one RC pair). The fullest cell limits what is taken, by the chemistry's fading acceptance; near the top its BMS bleeds the cells
 * that lead.
 */
final readonly class BenchBattery
{
    public const FAULTS = ['', 'loose_joint', 'weak_cell', 'dead_cutoff'];

    private const SURFACE_UP_H = 0.1;
    private const SURFACE_DOWN_H = 2.0;

    /** Holds what a loose joint adds, Ω. Chosen. */
    private const LOOSE_OHM = 0.02;

    /** A weak cell holds so much of its capacity, and loses so much of its charge a day, %. Chosen. */
    private const WEAK_SHARE = 0.8;
    private const LEAK_PCT_DAY = 6.0;

    /** Cells of a sound battery come so far apart, % points to either side. Chosen. */
    private const APART_PCT = 0.4;

    /** The balancer takes so much from a cell that leads, A, once the fullest is above so much, %. Common practice: 0.05 to 0.2 A. */
    private const BLEED_A = 0.1;
    private const BLEED_FROM_PCT = 98.0;

    /** Under charge a cell rises by so much over its last 3 %, V: 3.40 to 3.65. Common practice. */
    private const RISE_V = 0.25;

    /**
     * @param list<float> $cells charge of each cell, %
     */
    private function __construct(
        public array $cells,
        public float $surfaceV,
        public float $celsius,
        public float $ampsNow,
        public string $fault,
        private int $seed,
        private bool $held = false,
    ) {
    }

    /** As they come: nearly empty, or about 70 %. */
    public static function hidden(int $seed, int $cells, string $fault = ''): self
    {
        $noise = Noise::of($seed);
        $soc = $noise->uniform() < 0.4 ? 4.0 + 14.0 * $noise->uniform() : 55.0 + 30.0 * $noise->uniform();
        $each = [];
        for ($i = 0; $i < $cells; ++$i) {
            $each[] = $soc + self::APART_PCT * (2.0 * $noise->uniform() - 1.0) - ($fault === 'weak_cell' && $i === 1 ? 3.0 : 0.0);
        }

        return new self($each, 0.0, $fault === 'dead_cutoff' ? -4.0 : 14.0 + 4.0 * $noise->uniform(), 0.0, $fault, $seed);
    }

    /** Mean charge of the cells, %. */
    public function socPct(): float
    {
        return array_sum($this->cells) / max(1, count($this->cells));
    }

    /**
     * So many seconds on, in its step.
     *
     * @param float $chargerA what its charger is rated at
     * @param float $fromS second of the bench's clock
     */
    public function advanced(
        Subject $subject,
        BalanceStep $step,
        float $seconds,
        BenchCharger $charger,
        float $chargerA,
        float $fromS,
    ): self {
        $ohm = $this->ohm($subject);
        $capacity = $subject->capacityAh * (0.98 + 0.04 * Noise::of($this->seed + 7)->uniform());
        [$cells, $surface, $amps, $held] = [$this->cells, $this->surfaceV, 0.0, false];
        // A sound battery refuses a charge below its limit; one with a dead cut-off does not.
        $takes = $step->takesCurrent() && ($this->celsius >= $subject->chargeFloorC || $this->fault === 'dead_cutoff');
        for ($done = 0.0; $done < $seconds; $done += 60.0) {
            $dtH = min(60.0, $seconds - $done) / 3600.0;
            $offered = $takes ? $charger->offersA($chargerA, $fromS + $done, $this->seed) : 0.0;
            $fade = (100.0 - max([0.0, ...$cells])) / 100.0 * $capacity / ($subject->chemistry->acceptanceH() + $dtH);
            $amps = max(0.0, min($offered, ($subject->absorptionV - $this->emf($subject, $cells) - $surface) / $ohm, $fade));
            // Once the battery takes less than the charger could give, the charger holds its volts.
            $held = $amps < $offered;
            $target = $amps > 0.05 ? Subject::SURFACE_CELL_V * $subject->cells : 0.0;
            $surface += ($target - $surface) * (1.0 - exp(-$dtH / ($amps > 0.05 ? self::SURFACE_UP_H : self::SURFACE_DOWN_H)));
            $cells = $this->stepped($subject, $cells, $amps, $capacity, $dtH);
        }

        return new self($cells, $surface, $this->celsius, $amps, $this->fault, $this->seed, $held);
    }

    /** Joined to others: its charge is what the levelling made of it. */
    public function withCharge(float $socPct): self
    {
        $shift = $socPct - $this->socPct();

        return new self(
            array_map(static fn(float $c): float => max(0.0, min(100.0, $c + $shift)), $this->cells),
            0.0,
            $this->celsius,
            0.0,
            $this->fault,
            $this->seed,
        );
    }

    /** Returns what the instrument reads now, noise and all: the battery monitor, or the cell meter too. */
    public function read(Subject $subject, float $atS, bool $cellMeter = false): BatteryReading
    {
        $noise = Noise::of($this->seed + (int) $atS);
        $volts = ($this->held
            ? $subject->absorptionV
            : $this->emf($subject, $this->cells) + $this->surfaceV + $this->ampsNow * $this->ohm($subject)) + 0.001 * $noise->normal();

        return new BatteryReading(
            $atS,
            round($volts, 3),
            round($this->ampsNow + ($this->ampsNow > 0.05 ? 0.02 * $noise->normal() : 0.0), 2),
            round($this->celsius + 0.1 * $noise->normal(), 1),
            $cellMeter ? $this->cellVolts($subject, $volts) : null,
        );
    }

    /**
     * @return array{cells: list<float>, surface: float, celsius: float, amps: float, fault: string, seed: int, held: bool}
     */
    public function toArray(): array
    {
        return [
            'cells' => $this->cells,
            'surface' => $this->surfaceV,
            'celsius' => $this->celsius,
            'amps' => $this->ampsNow,
            'fault' => $this->fault,
            'seed' => $this->seed,
            'held' => $this->held,
        ];
    }

    /**
     * @param array<string, mixed> $a
     */
    public static function fromArray(array $a): self
    {
        return new self(
            array_map(floatval(...), array_values((array) $a['cells'])),
            (float) $a['surface'],
            (float) $a['celsius'],
            (float) $a['amps'],
            (string) $a['fault'],
            (int) $a['seed'],
            (bool) $a['held'],
        );
    }

    /**
     * @param list<float> $cells
     *
     * @return list<float>
     */
    private function stepped(Subject $subject, array $cells, float $amps, float $capacityAh, float $dtH): array
    {
        $bleeds = $subject->chemistry->isLithium() && max([0.0, ...$cells]) > self::BLEED_FROM_PCT;
        $lowest = min([100.0, ...$cells]);
        $put = 100.0 * $amps * $dtH * $subject->chemistry->coulombicEfficiency() / $capacityAh;
        $bled = 100.0 * self::BLEED_A * $dtH / $capacityAh;
        foreach ($cells as $i => $soc) {
            $weak = $this->fault === 'weak_cell' && $i === 1;
            $next = $soc + $put / ($weak ? self::WEAK_SHARE : 1.0) - ($weak ? self::LEAK_PCT_DAY / 24.0 * $dtH : 0.0);
            $cells[$i] = max(0.0, min(100.0, $next - ($bleeds ? min($bled, $soc - $lowest) : 0.0)));
        }

        return array_values($cells);
    }

    /**
     * The pack's volts, laid out over its cells: who is fuller stands higher, and near the top much higher.
     *
     * @return list<float>
     */
    private function cellVolts(Subject $subject, float $packV): array
    {
        $charging = $this->held || $this->ampsNow > 0.05;
        $own = array_map(
            static fn(float $soc): float => $subject->curve->volts($soc) + ($charging
                ? self::RISE_V * max(0.0, ($soc - 97.0) / 3.0) ** 2
                : 0.0),
            $this->cells,
        );
        $mean = array_sum($own) / max(1, count($own));

        return array_map(static fn(float $v): float => round($packV / count($own) + $v - $mean, 3), $own);
    }

    /**
     * @param list<float> $cells
     */
    private function emf(Subject $subject, array $cells): float
    {
        return array_sum(array_map(static fn(float $soc): float => $subject->curve->volts($soc), $cells));
    }

    private function ohm(Subject $subject): float
    {
        return $subject->ohm * (0.9 + 0.2 * Noise::of($this->seed + 3)->uniform()) + ($this->fault === 'loose_joint'
            ? self::LOOSE_OHM
            : 0.0);
    }
}
