<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

use Pebblefell\Bank\Bank;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/** A bank as the simulation knows it: one battery with the sums of all. */
final readonly class Store
{
    /** Specific heat of a battery, J/kg·K. Lumped; common practice. */
    public const HEAT_J_PER_KG_K = 1000.0;

    /** Hours in which a bay comes 63 % of the way to the temperature around it. An assumption: a closed locker. */
    public const BAY_H = 8.0;

    /** kg a kWh where no battery's weight is known: LFP and lead. Common practice. */
    private const LFP_KG_PER_KWH = 9.0;
    private const LEAD_KG_PER_KWH = 28.0;

    /** °C above its limit at which a blocked charge is let in again. Common practice. */
    public const UNBLOCK_C = 2.0;

    private function __construct(
        public Chemistry $chemistry,
        public int $cells,
        public float $capacityAh,
        public float $usableShare,
        public float $ohm,
        public ?float $chargeLimitA,
        public ?float $dischargeLimitA,
        public float $massKg,
        public float $absorptionV,
        public Floors $floors,
        public ?Kinetic $kinetic,
        public ?Heater $heater,
    ) {
    }

    /**
     * @param int    $cells in series
     * @param float  $capacityAh what it gives at 25 °C over 20 hours, as it is now
     * @param ?float $usableShare     0 to 1; null: the chemistry's
     * @param float  $exponent        Peukert; used for lead only
     * @param ?float $ohm of the whole bank at 25 °C; null: the chemistry's
     * @param ?float $chargeLimitA of the whole bank, and so on
     *
     * @throws InvalidValue
     */
    public static function of(
        Chemistry $chemistry,
        int $cells,
        float $capacityAh,
        ?float $usableShare = null,
        ?float $exponent = null,
        ?float $ohm = null,
        ?float $chargeLimitA = null,
        ?float $dischargeLimitA = null,
        ?float $massKg = null,
        ?float $absorptionV = null,
        ?Floors $floors = null,
        ?Heater $heater = null,
    ): self {
        Guard::positive($capacityAh, '/capacity_ah');
        $nominalV = $cells * $chemistry->nominalCellV();
        // Two wells explain lead; lithium gives nearly the same at any rate.
        $kinetic = $chemistry->isLithium() ? null : Kinetic::fittedTo(Guard::between(
            $exponent ?? $chemistry->peukertExponent(),
            1.01,
            2.0,
            '/peukert',
        ));

        return new self(
            $chemistry,
            $cells,
            $kinetic === null ? $capacityAh : $capacityAh / $kinetic->share(20.0),
            Guard::between($usableShare ?? $chemistry->usableShare(), 0.05, 1.0, '/usable_pct'),
            Guard::positive($ohm ?? $chemistry->resistanceOhmAh() * $cells / $capacityAh, '/resistance_ohm'),
            $chargeLimitA === null ? null : Guard::positive($chargeLimitA, '/charge_limit_a'),
            $dischargeLimitA === null ? null : Guard::positive($dischargeLimitA, '/discharge_limit_a'),
            Guard::positive(
                $massKg ?? ($chemistry->isLithium() ? self::LFP_KG_PER_KWH : self::LEAD_KG_PER_KWH) * $capacityAh * $nominalV / 1000,
                '/mass_kg',
            ),
            Guard::positive($absorptionV ?? $cells * $chemistry->absorptionCellV(), '/absorption_v'),
            $floors ?? Floors::of($chemistry),
            $kinetic,
            $heater,
        );
    }

    /**
     * A bank of like batteries, as it is today.
     *
     * @param ?float $ohmEach of one battery
     * @param ?float $chargeLimitAEach of one battery
     * @param ?float $absorptionVEach of one battery
     */
    public static function ofBank(
        Bank $bank,
        ?float $ohmEach = null,
        ?float $chargeLimitAEach = null,
        ?float $absorptionVEach = null,
        ?Floors $floors = null,
        ?Heater $heater = null,
    ): self {
        $battery = $bank->batteries[0];

        return self::of(
            $bank->chemistry(),
            $bank->cells(),
            // At 25 °C and the 20-hour rate: the current that this rate means.
            $bank->deliverableAh(0.0, 25.0),
            $bank->usableShare(),
            max(1.01, $battery->exponent),
            $ohmEach === null ? null : $ohmEach * $bank->series / $bank->parallel,
            $chargeLimitAEach === null ? null : $chargeLimitAEach * $bank->parallel,
            $bank->dischargeLimitA(),
            $bank->massKg() > 0.0 ? $bank->massKg() : null,
            $absorptionVEach === null ? null : $absorptionVEach * $bank->series,
            $floors,
            $heater,
        );
    }

    public function nominalV(): float
    {
        return $this->cells * $this->chemistry->nominalCellV();
    }

    /**
     * Rested volts of the bank by charge, 0 to 100 % in steps of 0.1 %.
     *
     * @return list<float> 1001 values, and the last once more so that a full one needs no case of its own
     */
    public function restVolts(): array
    {
        $curve = $this->chemistry->restCurve();
        $volts = [];
        for ($i = 0; $i <= 1000; ++$i) {
            $volts[] = $this->cells * $curve->volts($i / 10);
        }
        $volts[] = $volts[1000];

        return $volts;
    }
}
