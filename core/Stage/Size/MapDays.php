<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Bank\Bank;
use Pebblefell\Outlook\TripSetup;
use Pebblefell\Outlook\YearOutlook;
use Pebblefell\Setting\School;
use Pebblefell\Study;
use Pebblefell\Sun\Plane;
use Pebblefell\System\HouseBank;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\Trip\EnduranceMap;
use Pebblefell\Trip\SolarSource;
use Pebblefell\Trip\Store;
use Pebblefell\Trip\TripDay;
use Pebblefell\Trip\WeatherDay;

/**
 * Tells what the endurance map counts: days until empty, or the share of a year's days that are served. With nothing coming in as
 * BankSizing counts it, else hour by hour as EnduranceMap does.
 */
final readonly class MapDays
{
    /**
     * @param ?EnduranceMap $map   null: nothing comes in
     * @param list<float>   $still days with nothing coming in, by strings, from none on
     */
    private function __construct(private MapUnit $unit, private ?EnduranceMap $map, private array $still, public bool $isYear)
    {
    }

    /**
     * @param int $month 1 to 12, or 0 for the whole year
     * @param int $most  strings
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(Study $study, Part $battery, DataSheet $panel, MapUnit $unit, int $month, ComesIn $in, int $most): self
    {
        return $in === ComesIn::Nothing
            ? new self($unit, null, self::still($study, $battery, $unit->parts, $most), false)
            : new self($unit, self::engine($study, $unit, $panel, $month, $in), [], $month === 0);
    }

    /** Panels bring something. */
    public function comesIn(): bool
    {
        return $this->map !== null;
    }

    /**
     * @param list<float> $banksAh
     * @param list<float> $arraysW
     *
     * @return list<list<float>> by array, by bank
     */
    public function all(array $banksAh, array $arraysW): array
    {
        return match (true) {
            $this->map === null => array_fill(0, count($arraysW), array_map($this->stillWith(...), $banksAh)),
            $this->isYear => $this->map->servedPct($banksAh, $arraysW),
            default => $this->map->daysUntilEmpty($banksAh, $arraysW),
        };
    }

    private function stillWith(float $ah): float
    {
        $strings = $ah / $this->unit->size;
        $i = min(count($this->still) - 2, (int) floor($strings + 1e-9));

        return $this->still[$i] + ($this->still[$i + 1] - $this->still[$i]) * ($strings - $i);
    }

    private static function engine(Study $study, MapUnit $unit, DataSheet $panel, int $month, ComesIn $in): EnduranceMap
    {
        $system = $study->system;
        $store = self::store($unit->sheet, $unit->parts, $system->travel->school);
        $planned = $study->planned()->of(Family::Panel)[0] ?? null;
        $source = SolarSource::of(
            100.0,
            Plane::of(($planned->data ?? $panel)->orUsual('tilt_deg'), ($planned->data ?? $panel)->orUsual('azimuth_deg')),
            noctC: $panel->orUsual('noct_c'),
            powerPerC: $panel->orUsual('vmp_tempco_pct_per_c') / 100.0,
            // What the plan's arrays all do, more panels on the same input do too.
            idleDriving: self::allIdle($study->trip()->trip->arrays ?? []),
        );
        $setup = TripSetup::around($system, $study->planned(), $store, $study->loads()->budget, [$source], 60);
        $weather = $month === 0 ? $setup->weather->year : $setup->weather->ofMonth($month, EnduranceMap::MOST_DAYS);
        $months = YearOutlook::travelled($system);
        $days = array_map(
            static fn(WeatherDay $d): TripDay => new TripDay(
                $d,
                $in === ComesIn::All,
                false,
                false,
                $month !== 0 || in_array($d->month, $months, true),
            ),
            $weather,
        );

        return EnduranceMap::of($setup->trip, $days, $unit->sheet->orUsual('charge_limit_a') / $unit->size, $month === 0 ? $months : []);
    }

    /**
     * Days with nothing coming in, as BankSizing counts them.
     *
     * @return list<float> by strings, from none on
     */
    private static function still(Study $study, Part $battery, int $parts, int $most): array
    {
        $one = HouseBank::battery($battery, $study->system->travel->school);
        $days = [0.0];
        for ($n = 1; $n <= $most; ++$n) {
            $bank = Bank::forSystem(array_fill(0, $n * $parts, $one), $study->system->vehicle->systemV);
            $days[] = min((float) EnduranceMap::MOST_DAYS, $study->banks()->usableWh($bank) / $study->loads()->budget->energyWhDay);
        }

        return $days;
    }

    /**
     * @throws \Pebblefell\Exception\InvalidValue
     */
    private static function store(DataSheet $battery, int $series, School $school): Store
    {
        $one = HouseBank::battery(new Part('x', PartKind::Battery, $battery), $school);

        return Store::of(
            $battery->chemistry(),
            $series * $one->chemistry->cellsFor($one->nominalV),
            max(0.1, $one->deliverableAh(0.0, 25.0)),
            $one->usableShare,
            max(1.01, $one->exponent),
            massKg: $battery->number('mass_kg') === null ? null : $series * $battery->number('mass_kg'),
        );
    }

    /** @param list<SolarSource> $arrays */
    private static function allIdle(array $arrays): bool
    {
        return $arrays !== [] && array_filter($arrays, static fn(SolarSource $a): bool => !$a->idleDriving) === [];
    }
}
