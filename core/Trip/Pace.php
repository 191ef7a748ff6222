<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

/** Everything about a store that stays the same from step to step, worked out once. */
final readonly class Pace
{
    /**
     * @param list<float> $rest rested volts in steps of 0.1 % of charge
     */
    private function __construct(
        public float $dt,
        public array $rest,
        public float $coulombic,
        public float $fade,
        public float $growth,
        public float $acceptPerH,
        public float $lossWPerK,
        public float $warmShare,
        public bool $twoWells,
        public float $c,
        public float $e,
        public float $a,
        public float $kc,
        public float $aPerK,
        public float $cbPerK,
        public float $dbPerK,
        public float $wellE,
        public float $wellA,
        public float $wellFull,
    ) {
    }

    /**
     * @param float $dt hours of a step
     */
    public static function of(Store $store, float $dt): self
    {
        $chemistry = $store->chemistry;
        // Two wells over a step of steady current: Manwell & McGowan 1993. With one well only c = 1 is used.
        $c = $store->kinetic->c ?? 1.0;
        $k = $store->kinetic->kPerH ?? 1.0;
        $e = exp(-$k * $dt);
        $a = 1.0 - $e;
        $b = $k * $dt - 1.0 + $e;
        $divisor = $a + $c * $b;

        return new self(
            $dt,
            $store->restVolts(),
            $chemistry->coulombicEfficiency(),
            $chemistry->selfDischargePerDay() * $dt / 24.0,
            $chemistry->resistanceGrowthPerC(),
            1.0 / ($chemistry->coulombicEfficiency() * ($chemistry->acceptanceH() + $dt)),
            $store->massKg * Store::HEAT_J_PER_KG_K / 3600.0 / Store::BAY_H,
            1.0 - exp(-$dt / Store::BAY_H),
            $store->kinetic !== null,
            $c,
            $e,
            $a,
            $k * $c,
            $a / $k,
            $c * $b / $k,
            (1.0 - $c) * $b / $k,
            $k * $e / $divisor,
            $k * $c * $a / $divisor,
            $k * $c * $store->capacityAh / $divisor,
        );
    }
}
