<?php

declare(strict_types=1);

namespace Pebblefell\Charging;

use Pebblefell\Conductor\Ampacity;
use Pebblefell\Conductor\Way;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Quantity\Guard;

/**
 * A DC-DC charger on an alternator: what it takes, what the lead loses, and whether it may charge at idle.
 *
 * Input A = output A × output V / (input V × efficiency). First principles; the limits are common practice and named below.
 */
final readonly class DcdcFit
{
    /** Volts at the charger's input while the engine runs, per 12 V of system; and at its output. Common practice. */
    public const USUAL_INPUT_V = 13.5;
    public const USUAL_OUTPUT_V = 14.0;
    public const USUAL_EFFICIENCY_PCT = 90.0;

    /** Holds what an alternator gives at idle, of its rating. Common practice: 40 to 60 %. */
    public const USUAL_IDLE_PCT = 50.0;

    /** Output at the alternator's own volts that a standard one bears for hours, also at idle. Common practice: about 30 A. */
    public const EASY_A = 30.0;

    /** Most of its rating that an alternator is asked for by the charger, for its life's sake. Common practice: 30 A of 100 A. */
    public const LASTING_SHARE = 0.35;

    /** An alternator of so many A bears EASY_A at idle. Common practice. */
    private const STANDARD_A = 90.0;

    /**
     * Most volts lost on the lead of a charger that boosts, of what comes in. Common practice: a tenth; ABYC E-11 (from memory) for what
     * is not critical.
     */
    private const MOST_DROP = 0.10;

    /** So many volts the charger keeps in hand over its lowest input. Common practice. */
    private const IN_HAND_V = 0.5;

    private const DIAL_STEP_A = 10.0;

    private function __construct(
        public float $alternatorA,
        public float $outputA,
        private float $efficiencyPct,
        private float $inputV,
        private float $outputV,
        public ?Way $lead,
        public float $idleA,
        public float $vehicleA,
        public float $inputA,
        public float $recommendedOutputA,
        private float $idleVehicleA,
        private ?float $inputMinV,
        private bool $gauges,
    ) {
    }

    /**
     * @param float $alternatorA rated
     * @param ?Way  $lead        from the alternator side to the charger, and back; null: not measured
     * @param float $idlePct     share of the rating that the alternator gives at idle
     * @param float $vehicleA    that the vehicle itself takes
     * @param ?float $idleVehicleA the same at idle; null: as much
     * @param ?float $inputMinV  below which the charger stops; null: not known
     * @param bool   $gauges     a better lead is named by gauge, not in mm²
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(
        float $alternatorA,
        float $outputA,
        float $vehicleA,
        ?Way $lead = null,
        float $efficiencyPct = self::USUAL_EFFICIENCY_PCT,
        float $inputV = self::USUAL_INPUT_V,
        float $outputV = self::USUAL_OUTPUT_V,
        float $idlePct = self::USUAL_IDLE_PCT,
        ?float $idleVehicleA = null,
        ?float $inputMinV = null,
        bool $gauges = false,
    ): self {
        Guard::positive($alternatorA, '/alternator_a');
        Guard::positive($outputA, '/charger_output_a');
        Guard::notNegative($vehicleA, '/vehicle_load_a');
        Guard::positive($efficiencyPct, '/charger_efficiency_pct');
        Guard::between($efficiencyPct, 1.0, 100.0, '/charger_efficiency_pct');
        Guard::positive($inputV, '/input_v');
        Guard::positive($outputV, '/output_v');
        Guard::between($idlePct, 0.0, 100.0, '/idle_output_pct');
        $perOutputA = $outputV / ($inputV * $efficiencyPct / 100.0);
        $most = min($alternatorA * self::LASTING_SHARE, max(0.0, $alternatorA - $vehicleA)) / $perOutputA;
        $isCarried = $outputA * $perOutputA <= $alternatorA - $vehicleA;

        return new self(
            $alternatorA,
            $outputA,
            $efficiencyPct,
            $inputV,
            $outputV,
            $lead,
            $alternatorA * $idlePct / 100.0,
            $vehicleA,
            $outputA * $perOutputA,
            // Dialled down in whole tens: 50, 40, 30.
            $outputA <= $most || ($isCarried && self::isEasy($outputA, $alternatorA, $inputV, $outputV)) ? $outputA : min(
                $outputA,
                floor($most / self::DIAL_STEP_A) * self::DIAL_STEP_A,
            ),
            $idleVehicleA ?? $vehicleA,
            $inputMinV,
            $gauges,
        );
    }

    /** Tells whether every alternator of a usual size bears it, at idle too. */
    private static function isEasy(float $outputA, float $alternatorA, float $inputV, float $outputV): bool
    {
        return $outputA <= self::easyA($inputV, $outputV) + 1e-9 && $alternatorA >= self::STANDARD_A;
    }

    /** EASY_A at the charger's own output: one that lifts 12 V to 24 V takes twice as much. */
    private static function easyA(float $inputV, float $outputV): float
    {
        return self::EASY_A * self::USUAL_OUTPUT_V / self::USUAL_INPUT_V / ($outputV / $inputV);
    }

    /** Volts that the lead may lose: a tenth, and no more than leaves the charger awake. */
    public function allowedDropV(): float
    {
        return max(
            0.0,
            min(self::MOST_DROP * $this->inputV, $this->inputMinV === null ? INF : $this->inputV - $this->inputMinV - self::IN_HAND_V),
        );
    }

    /** The lead loses too much, or grows too warm even in the best insulation. */
    private function leadIsThin(): bool
    {
        return $this->lead !== null && ($this->dropV() > $this->allowedDropV() || $this->inputA > (Ampacity::ofArea(
            $this->lead->thinnestMm2(),
            max(Ampacity::INSULATION_C),
        )));
    }

    /** The lead that would do, mm²; null where none is made. */
    private function betterMm2(): ?float
    {
        if ($this->lead === null || $this->allowedDropV() <= 0.0) {
            return null;
        }
        foreach (Ampacity::sizes($this->gauges) as $mm2) {
            if ($this->lead->inSize(ConductorSize::ofArea($mm2))->dropV($this->inputA) <= $this->allowedDropV()
                && Ampacity::ofArea($mm2, max(Ampacity::INSULATION_C)) >= $this->inputA) {
                return $mm2;
            }
        }

        // Thicker than any that the tables know: by what it loses.
        return $this->lead->inSize(ConductorSize::ofArea(1.0))->areaFor($this->inputA, $this->allowedDropV(), $this->gauges)?->areaMm2;
    }

    /** Volts lost on the lead, out and back. */
    public function dropV(): float
    {
        return $this->lead?->dropV($this->inputA) ?? 0.0;
    }

    public function sharePct(): float
    {
        return 100.0 * $this->inputA / $this->alternatorA;
    }

    /** At idle the alternator feeds both the vehicle and the charger. */
    public function mayChargeAtIdle(): bool
    {
        return $this->inputA <= $this->idleA - $this->idleVehicleA;
    }

    /** It may give all of its output while the engine idles. */
    public function bearsIdle(): bool
    {
        return $this->mayChargeAtIdle() || self::isEasy($this->outputA, $this->alternatorA, $this->inputV, $this->outputV);
    }

    /** It may give all of its output at idle, and for long it is better not to. */
    public function idlesWithCare(): bool
    {
        return $this->mayChargeAtIdle() && $this->outputA > self::easyA($this->inputV, $this->outputV) + 1e-9;
    }

    public function input(): Figure
    {
        return new Figure('input-current', $this->inputA, 'A', 'input-current', [
            Figure::given('output', $this->outputA, 'A', Origin::DataSheet),
            Figure::given('output-volts', $this->outputV, 'V'),
            Figure::given('input-volts', $this->inputV, 'V'),
            Figure::given('efficiency', $this->efficiencyPct, '%', Origin::DataSheet),
        ], 'first-principles');
    }

    public function drop(): Figure
    {
        return new Figure('lost-on-the-lead', $this->dropV(), 'V', 'lost-on-the-lead', $this->lead === null ? [] : [
            $this->input(),
            Figure::given('resistance', round($this->lead->resistanceOhm() * 1000, 2), 'mΩ', Origin::Computed),
            Figure::given('length-one-way', $this->lead->lengthM(), 'm'),
            Figure::given('size', $this->lead->thinnestMm2(), 'mm²'),
        ], 'iec-60228');
    }

    /**
     * @param string $subject uid of the charger
     * @param bool   $dials   its output can be dialled down, as far as anybody knows
     *
     * @return list<Finding>
     */
    public function findings(string $subject = '', bool $dials = true): array
    {
        $findings = [];
        $alternator = Figure::given('alternator', $this->alternatorA, 'A', Origin::DataSheet);
        $dial = Amount::of($this->recommendedOutputA, 'A', 0);
        $variant = match (true) {
            $this->recommendedOutputA <= 0.0 => 'none',
            $dials => '',
            default => 'fixed',
        };
        $exceeds = fn(float $vehicleA, array $limit): array => Amount::exceeding(
            ['input' => $this->inputA, 'vehicle' => $vehicleA],
            $limit,
            'A',
            0,
        );
        if ($this->inputA > $this->alternatorA - $this->vehicleA) {
            $findings[] = new Finding(
                'dcdc-overloads-alternator',
                Severity::Stop,
                [...$exceeds($this->vehicleA, ['alternator' => $this->alternatorA]), 'dial' => $dial],
                [$this->input(), $alternator],
                $subject,
                variant: $variant,
            );
        } elseif ($this->outputA > $this->recommendedOutputA) {
            $findings[] = new Finding(
                'dcdc-wears-alternator',
                Severity::Fix,
                ['share' => Amount::of($this->sharePct(), '%', 0), 'dial' => $dial],
                [$this->input(), $alternator],
                $subject,
                variant: $variant,
            );
        }
        if (!$this->bearsIdle()) {
            $findings[] = new Finding(
                'dcdc-not-at-idle',
                Severity::Fix,
                $exceeds($this->idleVehicleA, ['idle' => $this->idleA]),
                [$this->input(), Figure::given('at-idle', $this->idleA, 'A', Origin::Computed)],
                $subject,
            );
        } elseif ($this->idlesWithCare()) {
            $findings[] = new Finding(
                'dcdc-idle-with-care',
                Severity::Note,
                ['easy' => Amount::of(self::easyA($this->inputV, $this->outputV), 'A', 0)],
                [$this->input()],
                $subject,
            );
        }
        if ($this->leadIsThin()) {
            $better = $this->betterMm2();
            $findings[] = new Finding('dcdc-lead-undersized', Severity::Fix, [
                'input' => Amount::of($this->inputA, 'A', 0),
                'drop' => Amount::of($this->dropV(), 'V', 2),
                'volts' => Amount::of($this->inputV, 'V', 1),
                'size' => Amount::of($better ?? 0.0, 'mm²'),
            ], [
                $this->drop(),
                Figure::given('allowed', round($this->allowedDropV(), 2), 'V', Origin::Computed),
            ], $subject, variant: match (true) {
                $better === null => 'none',
                $this->dropV() > $this->allowedDropV() => '',
                default => 'warm',
            });
        }

        return $findings;
    }
}
