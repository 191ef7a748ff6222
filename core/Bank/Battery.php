<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Quantity\Guard;

/** One battery block with what its data sheet, its label and its age say. */
final readonly class Battery
{
    private function __construct(
        public string $id,
        public Chemistry $chemistry,
        public float $nominalV,
        public float $capacityAh,
        public float $rateH,
        public float $exponent,
        public float $usableShare,
        public float $ageYears,
        public ?float $measuredAh,
        public float $massKg,
        public float $volumeL,
        public ?float $dischargeLimitA,
    ) {
    }

    /**
     * @param float  $capacityAh  rated, at $rateH
     * @param ?float $rateH null: the chemistry's usual rate
     * @param ?float $exponent    Peukert; null: the chemistry's
     * @param ?float $usableShare 0 to 1; null: the chemistry's
     * @param ?float $measuredAh  by a capacity test at $rateH; goes before the estimate by age
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(
        string $id,
        Chemistry $chemistry,
        float $nominalV,
        float $capacityAh,
        ?float $rateH = null,
        ?float $exponent = null,
        ?float $usableShare = null,
        float $ageYears = 0.0,
        ?float $measuredAh = null,
        float $massKg = 0.0,
        float $volumeL = 0.0,
        ?float $dischargeLimitA = null,
    ): self {
        return new self(
            $id,
            $chemistry,
            Guard::positive($nominalV, '/nominal_v'),
            Guard::positive($capacityAh, '/capacity_ah'),
            Guard::positive($rateH ?? $chemistry->usualRateH(), '/rate_h'),
            Guard::between($exponent ?? $chemistry->peukertExponent(), 1.0, 2.0, '/peukert'),
            Guard::between($usableShare ?? $chemistry->usableShare(), 0.05, 1.0, '/usable_pct'),
            Guard::notNegative($ageYears, '/age_years'),
            $measuredAh === null ? null : Guard::positive($measuredAh, '/measured_ah'),
            Guard::notNegative($massKg, '/mass_kg'),
            Guard::notNegative($volumeL, '/volume_l'),
            $dischargeLimitA === null ? null : Guard::positive($dischargeLimitA, '/discharge_limit_a'),
        );
    }

    /** Share of the rated capacity left: by test where there is one, else by age. */
    public function conditionFactor(): float
    {
        return $this->measuredAh !== null ? $this->measuredAh / $this->capacityAh : $this->chemistry->ageFactor($this->ageYears);
    }

    /**
     * Ah until empty at a steady current in A and a battery temperature in °C, new and full.
     *
     * Peukert's law promises too much at small currents; nothing above the capacity at the 20-hour rate (or at the stated
     * rate, if that is slower) is counted.
     */
    public function deliverableAh(float $currentA, float $celsius): float
    {
        $peukert = Peukert::of($this->capacityAh, $this->rateH, $this->exponent);
        $cap = $peukert->capacityAtRateAh(max(20.0, $this->rateH));
        $ah = $currentA > 0.0 ? min($cap, $peukert->availableAh($currentA)) : $cap;

        return $ah * $this->conditionFactor() * $this->chemistry->temperatureFactor($celsius);
    }
}
