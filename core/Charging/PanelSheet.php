<?php

declare(strict_types=1);

namespace Pebblefell\Charging;

use Pebblefell\Quantity\Guard;

/** Tells what a panel's data sheet says at standard test conditions (1000 W/m², 25 °C). */
final readonly class PanelSheet
{
    /** Where the sheet is silent: crystalline silicon. Common practice. */
    public const USUAL_VOC_PCT_PER_C = -0.30;
    public const USUAL_VMP_PCT_PER_C = -0.40;

    private function __construct(
        public float $pmaxW,
        public float $vocV,
        public float $vmpV,
        public float $iscA,
        public float $impA,
        public float $vocPctPerC,
        public float $vmpPctPerC,
    ) {
    }

    /**
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(
        float $pmaxW,
        float $vocV,
        float $vmpV,
        float $iscA,
        float $impA,
        float $vocPctPerC = self::USUAL_VOC_PCT_PER_C,
        float $vmpPctPerC = self::USUAL_VMP_PCT_PER_C,
    ): self {
        return new self(
            Guard::positive($pmaxW, '/pmax_w'),
            Guard::positive($vocV, '/voc_v'),
            Guard::between($vmpV, 0.01, $vocV, '/vmp_v'),
            Guard::positive($iscA, '/isc_a'),
            Guard::between($impA, 0.001, $iscA, '/imp_a'),
            Guard::between($vocPctPerC, -2.0, 0.0, '/voc_tempco_pct_per_c'),
            Guard::between($vmpPctPerC, -2.0, 0.0, '/vmp_tempco_pct_per_c'),
        );
    }

    /** Open-circuit V at a cell temperature in °C. */
    public function vocAt(float $cellC): float
    {
        return $this->vocV * (1.0 + $this->vocPctPerC / 100.0 * ($cellC - 25.0));
    }

    /** Working V at a cell temperature in °C. */
    public function vmpAt(float $cellC): float
    {
        return $this->vmpV * (1.0 + $this->vmpPctPerC / 100.0 * ($cellC - 25.0));
    }
}
