<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\Part;
use Pebblefell\Trip\Contour;
use Pebblefell\Trip\EnduranceMap;

/**
 * The endurance map of one vehicle: bank Ah × array W for one kind of battery and one kind of panel, with the plan as a pin, the
 * limits as fences, and the cheapest point that lasts as long as wished.
 *
 * With nothing coming in it counts as the sizing of the bank does, else as EnduranceMap. Where it asks what the wish asks, the plan, the
 * flag and what is near the line are simulated as the finding is, so that the two never disagree; decision 35.
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
     * The map is within so many days, and such a share, of the simulation: nearer to the wish a point is simulated. Measured up to a week
     * (TripTest): 0.35 days and 15 %.
     */
    private const NEAR_DAYS = 0.35;
    private const NEAR_SHARE = 0.2;

    /**
     * @param int         $month   1 to 12, or 0 for the whole year
     * @param bool        $isWish  it counts what the wish counts: the same income, in the poorest travelled month
     * @param float       $wish    days, or % of days, that are looked for
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
        public ComesIn $in,
        public bool $isWish,
        public MapUnit $battery,
        public MapUnit $panel,
        public float $wish,
        public float $mostAh,
        public float $mostW,
        public array $banksAh,
        public array $arraysW,
        public array $values,
        public array $fences,
        private MapDays $days,
        private float $planAh,
        private float $planW,
        private ?array $best = null,
        public array $thin = [],
        public array $wished = [],
    ) {
    }

    /**
     * @param Part $battery as the library, or the plan, describes it
     * @param int  $month   1 to 12, or 0 for the whole year
     *
     * @return ?self null as long as there is no place, no load, or the battery does not make the volts
     */
    public static function of(Study $study, Part $battery, Part $panel, int $month, ComesIn $in): ?self
    {
        $system = $study->system;
        $unit = MapUnit::ofBattery($battery->data, $system->vehicle);
        if ($unit === null || $system->place === null || $study->loads()->budget->energyWhDay <= 0.0) {
            return null;
        }
        $panelUnit = MapUnit::ofPanel($panel->data, $system->vehicle);
        $planAh = $study->banks()->planned->bank?->ratedAh() ?? 0.0;
        $planW = $study->planned()->arrayW();
        $needAh = $study->banks()->need->value / ($unit->parts * $battery->data->known('nominal_v'));
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

        try {
            $days = MapDays::of($study, $battery, $panel->data, $unit, $month, $in, (int) round($mostAh / $unit->size) + 1);
        } catch (InvalidValue) {
            return null;
        }
        $map = new self(
            $month,
            $in,
            $in === ComesIn::wished($system->travel)
                && (!$days->comesIn() || $month === ($study->simulations->sun()->ruling->month ?? null)),
            $unit,
            $panelUnit,
            $days->isYear ? self::YEAR_WISH_PCT : min((float) EnduranceMap::MOST_DAYS, $system->travel->wishDays),
            $mostAh,
            $mostW,
            $banks,
            $arrays,
            $days->all($banks, $arrays),
            Fence::all($study, $unit, $panelUnit),
            $days,
            $planAh,
            $planW,
        );

        return $map->with($map->search($study, $battery, $panel));
    }

    /** Days until empty, or % of days served, with so many strings and panels. */
    public function at(int $strings, int $panels): float
    {
        return $this->row($panels, [$strings])[0];
    }

    /**
     * The same, simulated where the wish is asked and the map alone could differ from what is found of the plan.
     *
     * @param Study $study   that it was drawn for
     * @param Part  $battery that it was drawn with
     * @param float $days    what the map says of the point
     */
    public function lasts(Study $study, Part $battery, Part $panel, int $strings, int $panels, float $days): float
    {
        if (!$this->isWish) {
            return $days;
        }
        $changes = Chosen::plan($study->system, $battery, $strings * $this->battery->parts, $panel, $panels);
        if ($changes === []) {
            // What is there may be older than what the library describes.
            $known = $this->days->comesIn() ? $study->simulations->livedDays() : $study->banks()->planned->days()->value;

            return min((float) EnduranceMap::MOST_DAYS, $known ?? $days);
        }
        if (!$this->days->comesIn() || abs($days - $this->wish) > $this->near()) {
            return $days;
        }
        // The poorest month is so by its sky, whatever stands on the roof: it is the map's.
        $as = Study::of(Plan::with($study->system, $changes));

        return $as->trip()?->livedDays($this->month, $as->system->travel->drivingHDay) ?? $days;
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
            $this->in,
            $this->isWish,
            $this->battery,
            $this->panel,
            $this->wish,
            $this->mostAh,
            $this->mostW,
            $this->banksAh,
            $this->arraysW,
            $this->values,
            $this->fences,
            $this->days,
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
        foreach ($this->isYear() ? self::SERVED : self::DAYS as $value) {
            if (abs($value - $this->wish) > self::APART * $this->wish) {
                $lines[] = [$value, Contour::of($this->values, $value)];
            }
        }

        return $lines;
    }

    /** Days within which the map alone does not tell whether the wish is fulfilled. */
    private function near(): float
    {
        return self::NEAR_DAYS + self::NEAR_SHARE * $this->wish;
    }

    /** Values are % of the days of a year that are served, not days. */
    public function isYear(): bool
    {
        return $this->days->isYear;
    }

    /**
     * @return ?array{int, int}
     */
    private function search(Study $study, Part $battery, Part $panel): ?array
    {
        $points = [];
        $least = $this->wish - ($this->isWish && $this->days->comesIn() ? $this->near() : 0.0);
        // Where panels bring nothing, they stay as they are planned.
        $rows = !$this->days->comesIn() ? [min($this->planPanels(), $this->mostPanels())] : range(0, $this->mostPanels());
        foreach ($rows as $panels) {
            foreach ($this->row($panels, range(1, $this->mostStrings())) as $i => $value) {
                if ($value >= $least - 1e-9 && $this->broken($i + 1, $panels) === []) {
                    $points[] = [$this->price($i + 1, $panels) ?? $this->massKg($i + 1, $panels), $i + 1, $panels, $value];
                }
            }
        }
        usort($points, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $short = [];
        foreach ($points as [, $strings, $panels, $value]) {
            // No more of either than what was too little already.
            if (array_filter($short, static fn(array $s): bool => $strings <= $s[0] && $panels <= $s[1]) !== []) {
                continue;
            }
            if ($this->lasts($study, $battery, $panel, $strings, $panels, $value) >= $this->wish - 1e-9) {
                return [$strings, $panels];
            }
            $short[] = [$strings, $panels];
        }

        return null;
    }

    /**
     * The same for several banks beside one array.
     *
     * @param list<int> $strings
     *
     * @return list<float>
     */
    public function row(int $panels, array $strings): array
    {
        $banks = array_map(fn(int $n): float => $n * $this->battery->size, $strings);

        return $this->days->all($banks, [$panels * $this->panel->size])[0];
    }

    private static function rounded(float $most, float $unit): float
    {
        return ceil($most / $unit - 1e-9) * $unit;
    }
}
