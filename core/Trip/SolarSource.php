<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

use Pebblefell\Quantity\Guard;
use Pebblefell\Sun\Plane;
use Pebblefell\Sun\Shade;

/**
 * An array with its own regulator.
 *
 * MPPT: P = W · G/1000 · (1 + γ (Tc − 25)) · losses. PWM: the panel works at battery volts, I = Isc · G/1000 · losses. Cell temperature
 * Tc = Ta + G (NOCT − 20)/800, warmer without an air gap. References: IEC 61215 for NOCT; Ross 1976; first principles for PWM.
 */
final readonly class SolarSource
{
    /** Dirt 5 %, wiring 3 %, mismatch and ageing 5 %, the regulator itself 4 %, weak light 3 %. Common practice; heat comes on top. */
    public const USUAL_LOSSES = 0.95 * 0.97 * 0.95 * 0.96 * 0.97;

    /** Change of power with cell temperature, 1/°C, where the data sheet gives none: crystalline silicon. */
    public const USUAL_POWER_PER_C = -0.0036;

    public const USUAL_NOCT_C = 45.0;

    /** A panel glued to the roof runs hotter than one with air behind it. Common practice. */
    public const NO_AIR_GAP_C = 12.0;

    private function __construct(
        public float $watts,
        public Plane $plane,
        public bool $mppt,
        public ?float $maxChargeA,
        public float $iscA,
        public float $noctC,
        public float $powerPerC,
        public float $losses,
        public ?Shade $shade,
        public bool $idleDriving,
        public bool $idleOnMains,
    ) {
    }

    /**
     * @param float  $watts at STC
     * @param ?float $maxChargeA of the regulator; null: large enough
     * @param ?float $iscA       of the whole array, for PWM; null: a 36-cell panel for 12 V, W / 17.5 V
     * @param float  $losses     share that is left, 0 to 1
     * @param ?Shade $shade      its own; null: that of the pitch
     * @param bool   $idleDriving it brings nothing while the vehicle drives: it stands outside, or its input gives way to the engine's
     * @param bool   $idleOnMains it brings nothing on mains: its input gives way to the charger's
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(
        float $watts,
        ?Plane $plane = null,
        bool $mppt = true,
        ?float $maxChargeA = null,
        ?float $iscA = null,
        float $noctC = self::USUAL_NOCT_C,
        float $powerPerC = self::USUAL_POWER_PER_C,
        float $losses = self::USUAL_LOSSES,
        float $systemV = 12.0,
        ?Shade $shade = null,
        bool $idleDriving = false,
        bool $idleOnMains = false,
    ): self {
        return new self(
            Guard::notNegative($watts, '/watts'),
            $plane ?? Plane::of(),
            $mppt,
            $maxChargeA === null ? null : Guard::positive($maxChargeA, '/max_charge_a'),
            Guard::notNegative($iscA ?? $watts / (17.5 * $systemV / 12.0), '/isc_a'),
            Guard::between($noctC, 20.0, 90.0, '/noct_c'),
            Guard::between($powerPerC, -0.02, 0.0, '/power_per_c'),
            Guard::between($losses, 0.0, 1.0, '/losses'),
            $shade,
            $idleDriving,
            $idleOnMains,
        );
    }

    /** Watts behind an ideal regulator in $g W/m² at $celsius outside. */
    public function powerW(float $g, float $celsius): float
    {
        $cellC = $celsius + $g * ($this->noctC - 20.0) / 800.0;

        return max(0.0, $this->watts * $g / 1000.0 * (1.0 + $this->powerPerC * ($cellC - 25.0)) * $this->losses);
    }

    /** Amps that a PWM regulator passes on in $g W/m². */
    public function pwmA(float $g): float
    {
        return $this->iscA * $g / 1000.0 * $this->losses;
    }
}
