<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

use Pebblefell\Trip\Noise;

/**
 * A battery that is not there: a stand-in on the simulated bench, with a hidden charge, tolerances, noise and faults.
 *
 * V = E(charge) + surface + I·R. The surface charge goes to 30 mV a cell under charge within minutes and fades with 2 h at rest (one
 * RC pair). The charger is constant current, then constant volts with the chemistry's fading acceptance.
 */
final readonly class BenchBattery
{
    public const FAULTS = ['', 'loose_joint', 'weak_cell', 'dead_cutoff'];

    private const SURFACE_CELL_V = 0.03;
    private const SURFACE_UP_H = 0.1;
    private const SURFACE_DOWN_H = 2.0;

    /** What a loose joint adds, Ω. Chosen. */
    private const LOOSE_OHM = 0.02;

    /** A weak cell loses so much of the charge a day, %. Chosen. */
    private const LEAK_PCT_DAY = 6.0;

    private function __construct(public float $socPct, public float $surfaceV, public float $celsius, public float $ampsNow, public string $fault, private int $seed, private bool $held = false)
    {
    }

    public static function hidden(int $seed, string $fault = ''): self
    {
        $noise = Noise::of($seed);
        // As they come: nearly empty, or about 70 %.
        $soc = $noise->uniform() < 0.4 ? 4.0 + 14.0 * $noise->uniform() : 55.0 + 30.0 * $noise->uniform();

        return new self($soc, 0.0, $fault === 'dead_cutoff' ? -4.0 : 14.0 + 4.0 * $noise->uniform(), 0.0, $fault, $seed);
    }

    /** So many seconds on, in its step, on a charger of so many A. */
    public function advanced(Subject $subject, Step $step, float $seconds, float $chargerA): self
    {
        $capacity = $subject->capacityAh * ($this->fault === 'weak_cell' ? 0.8 : 1.0) * (0.98 + 0.04 * Noise::of($this->seed + 7)->uniform());
        $ohm = $this->ohm($subject);
        [$soc, $surface, $amps] = [$this->socPct, $this->surfaceV, 0.0];
        $left = $seconds;
        $held = false;
        while ($left > 0.0) {
            $dtH = min(60.0, $left) / 3600.0;
            $left -= 60.0;
            $amps = 0.0;
            $held = false;
            // A sound battery refuses a charge below its limit; one with a dead cut-off does not.
            if ($step->takesCurrent() && ($this->celsius >= $subject->chargeFloorC || $this->fault === 'dead_cutoff')) {
                $emf = $subject->restV($soc) + $surface;
                $fade = (100.0 - $soc) / 100.0 * $capacity / ($subject->chemistry->acceptanceH() + $dtH);
                $amps = max(0.0, min($chargerA, ($subject->absorptionV - $emf) / $ohm, $fade));
                // Once the battery takes less than the charger could give, the charger holds its volts.
                $held = $amps < $chargerA;
            }
            $target = $amps > 0.05 ? self::SURFACE_CELL_V * $subject->cells : 0.0;
            $tau = $amps > 0.05 ? self::SURFACE_UP_H : self::SURFACE_DOWN_H;
            $surface += ($target - $surface) * (1.0 - exp(-$dtH / $tau));
            $leak = $this->fault === 'weak_cell' ? self::LEAK_PCT_DAY / 24.0 : 0.0;
            $soc = max(0.0, min(100.0, $soc + 100.0 * $amps * $dtH * $subject->chemistry->coulombicEfficiency() / $capacity - $leak * $dtH));
        }

        return new self($soc, $surface, $this->celsius, $amps, $this->fault, $this->seed, $held);
    }

    /** Joined to others: its charge is what the levelling made of it. */
    public function withCharge(float $socPct): self
    {
        return new self($socPct, 0.0, $this->celsius, 0.0, $this->fault, $this->seed);
    }

    /** What the instrument reads now, noise and all. */
    public function read(Subject $subject, float $atS): Reading
    {
        $noise = Noise::of($this->seed + (int) $atS);
        $volts = $this->held ? $subject->absorptionV : $subject->restV($this->socPct) + $this->surfaceV + $this->ampsNow * $this->ohm($subject);

        return new Reading($atS, round($volts + 0.001 * $noise->normal(), 3), round($this->ampsNow + ($this->ampsNow > 0.05 ? 0.02 * $noise->normal() : 0.0), 2), round($this->celsius + 0.1 * $noise->normal(), 1));
    }

    /**
     * @return array{soc: float, surface: float, celsius: float, amps: float, fault: string, seed: int, held: bool}
     */
    public function toArray(): array
    {
        return ['soc' => $this->socPct, 'surface' => $this->surfaceV, 'celsius' => $this->celsius, 'amps' => $this->ampsNow, 'fault' => $this->fault, 'seed' => $this->seed, 'held' => $this->held];
    }

    /**
     * @param array<string, mixed> $a
     */
    public static function fromArray(array $a): self
    {
        return new self((float) $a['soc'], (float) $a['surface'], (float) $a['celsius'], (float) $a['amps'], (string) $a['fault'], (int) $a['seed'], (bool) ($a['held'] ?? false));
    }

    private function ohm(Subject $subject): float
    {
        return $subject->ohm * (0.9 + 0.2 * Noise::of($this->seed + 3)->uniform()) + ($this->fault === 'loose_joint' ? self::LOOSE_OHM : 0.0);
    }
}
