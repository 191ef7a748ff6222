<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

use Pebblefell\Bank\CellPack;
use Pebblefell\Bank\RefreshCharge;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Chemistry\RestCurve;
use Pebblefell\Quantity\Guard;
use Pebblefell\System\Sheet\DataSheet;

/** One battery under balance, by its data sheet. */
final readonly class Subject
{
    /** Under charge a cell stands so much above its rest, V, before any resistance; it fades at rest. Common practice: 20 to 40 mV. */
    public const SURFACE_CELL_V = 0.03;

    /**
     * LFP rests a little higher after a charge than after a discharge, V a cell to either side. Reference: Dreyer et al. 2010, about 10 to
     * 20 mV between the two (from memory).
     */
    private const LFP_HYSTERESIS_V = 0.01;

    private function __construct(
        public string $id,
        public Chemistry $chemistry,
        public int $cells,
        public float $capacityAh,
        public float $ohm,
        public float $absorptionV,
        public float $absorptionH,
        public ?float $tailA,
        public ?float $chargeLimitA,
        public ?float $dischargeLimitA,
        public float $chargeFloorC,
        public RestCurve $curve,
        public float $fullV,
    ) {
    }

    /** The volts it is charged to are its data sheet's, except where the protocol has its own. */
    public static function of(string $id, DataSheet $sheet, Protocol $protocol = Protocol::Full): self
    {
        $chemistry = $sheet->chemistry();
        $cells = $chemistry->cellsFor($sheet->known('nominal_v'));
        $ah = Guard::positive($sheet->orUsual('measured_ah'), '/capacity_ah');

        return new self(
            $id,
            $chemistry,
            $cells,
            $ah,
            $sheet->orUsual('internal_mohm') / 1000.0,
            match ($protocol) {
                Protocol::Refresh => $cells * RefreshCharge::CELL_V,
                Protocol::Cells => $cells * CellPack::USUAL_CHARGE_V,
                default => $sheet->orUsual('absorption_v'),
            },
            $sheet->orUsual('absorption_h'),
            $sheet->number('tail_a'),
            $sheet->number('charge_limit_a'),
            $sheet->number('discharge_limit_a'),
            $sheet->orUsual('charge_min_c'),
            $chemistry->restCurve(),
            $sheet->orUsual('rested_full_v'),
        );
    }

    /** Whether a charger of so many A may be put on it, by its data sheet. */
    public function bears(float $chargerA): bool
    {
        return $this->chargeLimitA === null || $chargerA <= $this->chargeLimitA;
    }

    /** Rested volts at a charge in %. */
    public function restV(float $socPct): float
    {
        return $this->cells * $this->curve->volts(max(0.0, min(100.0, $socPct)));
    }

    /** Charge in % by rested volts. */
    public function socPct(float $restV): float
    {
        return $this->curve->socPct($restV / $this->cells);
    }

    /**
     * By how much the charge is uncertain when the volts are known to a meter's error and the chemistry's hysteresis: little at the ends,
     * nearly everything on LFP's flat.
     */
    public function vagueByPct(float $restV, float $meterV = 0.02): float
    {
        $open = $meterV + ($this->chemistry->isLithium() ? self::LFP_HYSTERESIS_V * $this->cells : 0.0);

        return $this->socPct($restV + $open) - $this->socPct($restV - $open);
    }
}
