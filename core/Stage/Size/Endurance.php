<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Word;
use Pebblefell\Outlook\TripSetup;
use Pebblefell\Outlook\YearOutlook;
use Pebblefell\Setting\School;
use Pebblefell\Study;
use Pebblefell\Sun\Plane;
use Pebblefell\System\HouseBank;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\Vehicle;
use Pebblefell\Trip\Contour;
use Pebblefell\Trip\EnduranceMap;
use Pebblefell\Trip\SolarSource;
use Pebblefell\Trip\Store;
use Pebblefell\Trip\TripDay;
use Pebblefell\Trip\WeatherDay;

/**
 * The endurance map of one vehicle: bank Ah × array W for one kind of battery and one kind of panel, with the plan as a pin, the
 * limits as fences, and the cheapest point that fulfils the wish.
 */
final readonly class Endurance
{
    /** Cells along each side. */
    public const CELLS = 40;

    /** Days, or % of days, at which a thin line is drawn besides the wish. Chosen. */
    private const DAYS = [1.0, 2.0, 3.0, 5.0, 10.0, 20.0, 40.0];
    private const SERVED = [50.0, 80.0];

    /** A thin line so near the wish would only blur it. Chosen. */
    private const APART = 0.15;

    /** Share of days that the wish for a whole year means. Chosen: one day in twenty may be short. */
    public const YEAR_WISH_PCT = 95.0;

    /** More units than this along one side nobody looks for. */
    private const MOST_UNITS = 40;

    /**
     * @param int         $month   1 to 12, or 0 for the whole year
     * @param list<float> $banksAh middle of each column
     * @param list<float> $arraysW middle of each row
     * @param list<list<float>> $values by array, by bank: days until empty, or % of days served
     * @param list<Fence> $fences
     * @param ?array{int, int} $best the cheapest point, worked out once
     * @param list<array{float, list<array{float, float, float, float}>}> $thin   value and its line, in cells
     * @param list<array{float, float, float, float}>                     $wished the wish's line, in cells
     */
    private function __construct(
        public int $month,
        public bool $driving,
        public MapUnit $battery,
        public MapUnit $panel,
        public float $wish,
        public float $mostAh,
        public float $mostW,
        public array $banksAh,
        public array $arraysW,
        public array $values,
        public array $fences,
        private EnduranceMap $map,
        private float $planAh,
        private float $planW,
        private ?array $best = null,
        public array $thin = [],
        public array $wished = [],
    ) {
    }

    /** @param list<SolarSource> $arrays */
    private static function allIdle(array $arrays): bool
    {
        return $arrays !== [] && array_filter($arrays, static fn(SolarSource $a): bool => !$a->idleDriving) === [];
    }

    /**
     * @param int $month 1 to 12, or 0 for the whole year
     *
     * @return ?self null as long as there is no place, no load, or the battery does not make the volts
     */
    public static function of(Study $study, DataSheet $battery, DataSheet $panel, int $month, bool $driving): ?self
    {
        $system = $study->system;
        $unit = MapUnit::ofBattery($battery, $system->vehicle);
        if ($unit === null || $system->place === null || $study->loads()->budget->energyWhDay <= 0.0) {
            return null;
        }
        $panelUnit = MapUnit::ofPanel($panel, $system->vehicle);
        $planned = $study->planned()->ofKind(PartKind::Panel)[0] ?? null;
        $source = SolarSource::of(
            100.0,
            Plane::of(($planned->data ?? $panel)->orUsual('tilt_deg'), ($planned->data ?? $panel)->orUsual('azimuth_deg')),
            noctC: $panel->orUsual('noct_c'),
            powerPerC: $panel->orUsual('vmp_tempco_pct_per_c') / 100.0,
            // What the plan's arrays all do, more panels on the same input do too.
            idleDriving: self::allIdle($study->trip()->trip->arrays ?? []),
        );
        try {
            $store = self::store($battery, $unit->parts, $system->travel->school);
        } catch (InvalidValue) {
            return null;
        }
        $setup = TripSetup::around($system, $study->planned(), $store, $study->loads()->budget, [$source], 60);
        $drives = $driving && $system->travel->drivingHDay > 0.0;
        $weather = $month === 0 ? $setup->weather->year : $setup->weather->ofMonth($month, EnduranceMap::MOST_DAYS);
        $months = YearOutlook::travelled($system);
        $days = array_map(
            static fn(WeatherDay $d): TripDay => new TripDay($d, $drives, false, false, $month !== 0 || in_array($d->month, $months, true)),
            $weather,
        );
        $engine = EnduranceMap::of($setup->trip, $days, $battery->orUsual('charge_limit_a') / $unit->size, $month === 0 ? $months : []);
        $planAh = $study->banks()->planned->bank?->ratedAh() ?? 0.0;
        $planW = $study->planned()->arrayW();
        $needAh = $study->banks()->need->value / max(1.0, $store->nominalV());
        $mostAh = self::rounded(min(self::MOST_UNITS * $unit->size, max(3.0 * $unit->size, 1.4 * $planAh, 1.5 * $needAh)), $unit->size);
        $mostW = self::rounded(
            min(
                self::MOST_UNITS * $panelUnit->size,
                max(600.0, 4.0 * $panelUnit->size, 1.5 * $planW, 1.25 * $panelUnit->size * ($panelUnit->most ?? 0)),
            ),
            $panelUnit->size,
        );
        $at = static fn(float $most): array => array_map(
            static fn(int $i): float => ($i + 0.5) * $most / self::CELLS,
            range(0, self::CELLS - 1),
        );
        [$banks, $arrays] = [$at($mostAh), $at($mostW)];

        $map = new self(
            $month,
            $drives,
            $unit,
            $panelUnit,
            $month === 0 ? self::YEAR_WISH_PCT : min((float) EnduranceMap::MOST_DAYS, $system->travel->wishDays),
            $mostAh,
            $mostW,
            $banks,
            $arrays,
            $month === 0 ? $engine->servedPct($banks, $arrays) : $engine->daysUntilEmpty($banks, $arrays),
            self::fenced($study, $unit, $panelUnit),
            $engine,
            $planAh,
            $planW,
        );

        return $map->with($map->search());
    }

    /** Days until empty, or % of days served, with so many strings and panels. */
    public function at(int $strings, int $panels): float
    {
        return $this->row($panels, [$strings])[0];
    }

    public function fulfils(int $strings, int $panels): bool
    {
        return $this->at($strings, $panels) >= $this->wish - 1e-9;
    }

    /** Where the plan stands, in whole strings and panels of these kinds. */
    public function planStrings(): int
    {
        return max(1, (int) round($this->planAh / $this->battery->size));
    }

    public function planPanels(): int
    {
        return (int) round($this->planW / $this->panel->size);
    }

    public function mostStrings(): int
    {
        return max(1, (int) floor($this->mostAh / $this->battery->size + 1e-9));
    }

    public function mostPanels(): int
    {
        return max(1, (int) floor($this->mostW / $this->panel->size + 1e-9));
    }

    /** Price of the parts at a point; null as long as one of them has none. */
    public function price(int $strings, int $panels): ?float
    {
        return $this->battery->price === null || $this->panel->price === null
            ? null
            : $strings * $this->battery->price + $panels * $this->panel->price;
    }

    public function massKg(int $strings, int $panels): float
    {
        return $strings * $this->battery->massKg + $panels * $this->panel->massKg;
    }

    /**
     * @return list<Fence> that a point breaks
     */
    public function broken(int $strings, int $panels): array
    {
        return array_values(array_filter($this->fences, static fn(Fence $f): bool => !$f->allows($strings, $panels)));
    }

    /**
     * The cheapest point inside the fences that fulfils the wish; the lightest where a price is missing.
     *
     * @return ?array{int, int} strings and panels; null: there is none
     */
    public function cheapest(): ?array
    {
        return $this->best;
    }

    /**
     * @param ?array{int, int} $best
     */
    private function with(?array $best): self
    {
        return new self(
            $this->month,
            $this->driving,
            $this->battery,
            $this->panel,
            $this->wish,
            $this->mostAh,
            $this->mostW,
            $this->banksAh,
            $this->arraysW,
            $this->values,
            $this->fences,
            $this->map,
            $this->planAh,
            $this->planW,
            $best,
            $this->lines(),
            Contour::of($this->values, $this->wish),
        );
    }

    /**
     * @return list<array{float, list<array{float, float, float, float}>}> value and its line, in cells
     */
    private function lines(): array
    {
        $lines = [];
        foreach ($this->month === 0 ? self::SERVED : self::DAYS as $value) {
            if (abs($value - $this->wish) > self::APART * $this->wish) {
                $lines[] = [$value, Contour::of($this->values, $value)];
            }
        }

        return $lines;
    }

    /**
     * @return ?array{int, int}
     */
    private function search(): ?array
    {
        $best = null;
        $least = INF;
        for ($panels = 0; $panels <= $this->mostPanels(); ++$panels) {
            $row = $this->row($panels, range(1, $this->mostStrings()));
            foreach ($row as $i => $value) {
                $strings = $i + 1;
                $cost = $this->price($strings, $panels) ?? $this->massKg($strings, $panels);
                if ($value >= $this->wish - 1e-9 && $cost < $least && $this->broken($strings, $panels) === []) {
                    [$best, $least] = [[$strings, $panels], $cost];
                }
            }
        }

        return $best;
    }

    /**
     * @param list<int> $strings
     *
     * @return list<float>
     */
    private function row(int $panels, array $strings): array
    {
        $banks = array_map(fn(int $n): float => $n * $this->battery->size, $strings);
        $arrays = [$panels * $this->panel->size];

        return $this->month === 0 ? $this->map->servedPct($banks, $arrays)[0] : $this->map->daysUntilEmpty($banks, $arrays)[0];
    }

    /**
     * @throws InvalidValue
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

    /**
     * @return list<Fence>
     */
    private static function fenced(Study $study, MapUnit $battery, MapUnit $panel): array
    {
        $vehicle = $study->system->vehicle;
        $fences = [];
        if ($panel->most !== null) {
            $fences[] = new Fence('roof', Word::of('fences.roof', ['count' => $panel->most]), INF, (float) $panel->most);
        }
        if ($battery->most !== null) {
            $fences[] = new Fence(
                'bay',
                Word::of('fences.bay', ['count' => $battery->most * $battery->parts]),
                (float) $battery->most,
                INF,
            );
        }
        if ($vehicle->payloadKg !== null) {
            $left = $vehicle->payloadKg + self::freedKg($study);
            $fences[] = new Fence(
                'payload',
                Word::of('fences.payload', ['left' => Amount::of($left, 'kg', 0)]),
                $battery->massKg > 0.0 ? $left / $battery->massKg : INF,
                $panel->massKg > 0.0 ? $left / $panel->massKg : INF,
            );
        }
        $money = $study->system->travel->budget;
        if ($money !== null && $battery->price !== null && $panel->price !== null) {
            $fences[] = new Fence(
                'money',
                Word::of('fences.money', ['money' => Amount::of($money, '¤', 0)]),
                $battery->price > 0.0 ? $money / $battery->price : INF,
                $panel->price > 0.0 ? $money / $panel->price : INF,
            );
        }

        return $fences;
    }

    /** kg that leave with the batteries and panels that are there now. */
    private static function freedKg(Study $study): float
    {
        return array_sum(array_map(
            static fn(Part $p): float => $p->data->orUsual('mass_kg'),
            [...$study->found()->houseBatteries(), ...$study->found()->ofKind(PartKind::Panel)],
        ));
    }

    private static function rounded(float $most, float $unit): float
    {
        return ceil($most / $unit - 1e-9) * $unit;
    }
}
