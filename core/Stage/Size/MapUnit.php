<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Bank\Bank;
use Pebblefell\Bank\BayFit;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\HouseBank;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\Vehicle;

/** Tells what a step on the endurance map is: one string of batteries, or one panel. */
final readonly class MapUnit
{
    /**
     * @param float  $size  Ah of a string, or W of a panel
     * @param int    $parts  batteries in the string; 1 for a panel
     * @param ?float $price of the unit; null: not known
     * @param ?int   $most  that the bay or the roof holds; null: not measured
     */
    private function __construct(
        public DataSheet $sheet,
        public float $size,
        public int $parts,
        public float $massKg,
        public ?float $price,
        public ?int $most,
    ) {
    }

    /** Null where the battery cannot make the system's volts. */
    public static function ofBattery(DataSheet $sheet, Vehicle $vehicle): ?self
    {
        $part = new Part('x', PartKind::Battery, $sheet);
        $series = Bank::seriesFor($sheet->known('nominal_v'), $vehicle->systemV);
        try {
            Bank::forSystem(array_fill(0, $series, HouseBank::battery($part)), $vehicle->systemV);
        } catch (InvalidValue) {
            return null;
        }
        $most = null;
        $box = BankSizing::box($sheet);
        if ($vehicle->bay !== null && $box !== null) {
            $most = intdiv(BayFit::of($vehicle->bay, $box, 1, $sheet->orUsual('gap_mm'))->most, $series);
        }
        $price = $sheet->number('price');

        return new self(
            $sheet,
            $sheet->known('capacity_ah'),
            $series,
            $series * $sheet->orUsual('mass_kg'),
            $price === null ? null : $series * $price,
            $most,
        );
    }

    public static function ofPanel(DataSheet $sheet, Vehicle $vehicle): self
    {
        return new self(
            $sheet,
            $sheet->known('pmax_w'),
            1,
            $sheet->orUsual('mass_kg'),
            $sheet->number('price'),
            self::onRoof($sheet, $vehicle),
        );
    }

    /** Panels that the roof holds: laid out where it is measured, else by its area. */
    private static function onRoof(DataSheet $sheet, Vehicle $vehicle): ?int
    {
        $roof = $vehicle->roof();
        $laid = $roof === null ? null : RoofPlan::holds($roof, $sheet);
        $m2 = $sheet->footprintM2();
        if ($laid !== null) {
            return $laid;
        }

        return $vehicle->roofM2 === null || $m2 <= 0.0 ? null : (int) floor($vehicle->roofM2 * Vehicle::ROOF_SHARE / $m2);
    }
}
