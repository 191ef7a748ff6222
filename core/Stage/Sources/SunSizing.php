<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources;

use Pebblefell\Charging\SolarArray;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Word;
use Pebblefell\Study;
use Pebblefell\Sun\GlobalSun;
use Pebblefell\Sun\Plane;
use Pebblefell\Sun\PlaneSun;
use Pebblefell\Sun\Shade;
use Pebblefell\Sun\SolarDay;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\PanelSite;
use Pebblefell\System\Part;
use Pebblefell\System\Place;
use Pebblefell\System\Travel;
use Pebblefell\System\Vehicle;

/** Twelve months of sun at the site: what the arrays bring, what is needed, and how large an array the travelled months ask for. */
final readonly class SunSizing
{
    /** More array than this no vehicle carries: a coach's whole roof. Chosen, to say so instead of printing an absurd number. */
    private const LARGEST_ROOF_W = 6000.0;

    /** Holds what a square metre of panel gives where none is in the plan, W. Common practice: 200 to 220. */
    private const PANEL_W_PER_M2 = 200.0;

    /**
     * @param list<SunMonth> $months twelve
     * @param ?SunMonth $ruling the travelled month that asks for most
     */
    private function __construct(
        public array $months,
        public ?SunMonth $ruling,
        public float $foundW,
        public float $plannedW,
        private Place $place,
        private Figure $energy,
        private Figure $cycleEfficiency,
        public float $roofW,
    ) {
    }

    /** Null as long as no place is chosen. */
    public static function of(Study $study): ?self
    {
        [$system, $loads] = [$study->system, $study->loads()];
        if ($system->place === null) {
            return null;
        }
        $place = $system->place;
        $shade = $system->travel->shade();
        $efficiency = $system->target->cycleEfficiency();
        $needWh = $loads->budget->energyWhDay / $efficiency;
        [$found, $planned] = [self::arrays($study->found(), $system->travel), self::arrays($study->planned(), $system->travel)];
        // The array still to be bought is taken to lie like the planned one, or flat on the roof.
        $newPlane = $planned === [] ? Plane::of() : $planned[0][0]->plane;
        $months = [];
        foreach (range(1, 12) as $month) {
            $sun = GlobalSun::fromClearness(SolarDay::ofMonth($place->latitudeDeg, $month), $place->clearnessOf($month));
            /** @var array<string, PlaneSun> $known */
            $known = [];
            $onPlane = static function (Plane $plane, Shade $shade, string $key = '') use ($sun, &$known): PlaneSun {
                return $known[$key] ??= PlaneSun::of($sun, $plane, $shade);
            };
            $yield = static fn(array $arrays): float => array_sum(array_map(
                static fn(array $a): float => SolarArray::of($a[1])->yieldWh($onPlane($a[0]->plane, $a[0]->shade, $a[0]->key)),
                $arrays,
            ));
            $months[] = new SunMonth(
                $month,
                in_array($month, $system->travel->months, true),
                $sun->kwh(),
                $onPlane($newPlane, $shade)->kwh,
                $yield($found),
                $yield($planned),
                $needWh,
                SolarArray::wattsFor($needWh, $onPlane($newPlane, $shade)),
            );
        }

        return new self(
            $months,
            self::ruling($months),
            array_sum(array_column($found, 1)),
            array_sum(array_column($planned, 1)),
            $place,
            $loads->energy(),
            Figure::given(
                Word::of('figures.labels.cycle-efficiency', ['chemistry' => Word::of('chemistries.' . $system->target->value)]),
                $efficiency * 100,
                '%',
                Origin::Assumed,
                'common-practice',
            ),
            self::roofHolds($study),
        );
    }

    /**
     * Watts that the roof holds, of panels like those in the plan, and no less than they are; where it is not noted, the largest that any
     * vehicle has.
     */
    private static function roofHolds(Study $study): float
    {
        $panels = $study->planned()->of(Family::Panel);
        $m2 = array_sum(array_map(static fn(Part $p): float => $p->data->footprintM2(), $panels));
        $perM2 = $m2 > 0.0 ? $study->planned()->arrayW() / $m2 : self::PANEL_W_PER_M2;
        $plan = $study->simulations->roof();
        if ($plan !== null && $plan->more !== null && $panels !== []) {
            return max($study->planned()->arrayW(), $study->planned()->arrayW() + $plan->more * $panels[0]->data->known('pmax_w'));
        }
        $roof = $study->system->vehicle->roofM2();

        return $roof === null ? self::LARGEST_ROOF_W : min(
            self::LARGEST_ROOF_W,
            max($study->planned()->arrayW(), $roof * Vehicle::ROOF_SHARE * $perM2),
        );
    }

    /** True where the ruling month has so little sun that the roof could not make up for it. */
    public function isBeyondRoof(): bool
    {
        return $this->ruling !== null && $this->ruling->neededW > $this->roofW;
    }

    /** Watts of array with which the sun alone carries the ruling month; null where nothing is travelled. */
    public function needed(): ?Figure
    {
        if ($this->ruling === null) {
            return null;
        }

        return new Figure('array-for-sun-alone', $this->ruling->neededW, 'W', 'array-for-sun-alone', [
            $this->energy,
            $this->cycleEfficiency,
            $this->sunOf($this->ruling),
            Figure::given('performance-ratio', SolarArray::USUAL_PERFORMANCE_RATIO, '', Origin::Assumed, 'performance-ratio'),
        ], 'sun-sizing');
    }

    /** Sun on the new array's plane in a month, with its sources. */
    public function sunOf(SunMonth $month): Figure
    {
        return new Figure('sun-on-the-panel', $month->planeKwh, 'kWh/m²', 'sun-on-the-panel', [
            Figure::given('latitude', $this->place->latitudeDeg, '°'),
            Figure::given(
                'clearness',
                $this->place->clearnessOf($month->month),
                '',
                $this->place->clearness === [] ? Origin::Assumed : Origin::Typed,
            ),
            Figure::given('on-the-horizontal', round($month->horizontalKwh, 2), 'kWh/m²', Origin::Computed),
        ], 'fao');
    }

    /** The same as a figure. */
    public function covered(): Figure
    {
        return new Figure(
            'covered',
            $this->coveredPct(),
            '%',
            'covered',
            array_values(array_filter([$this->needed()])),
            'first-principles',
        );
    }

    /** The same in whole percent; short of all is never told as all. */
    public function coveredPct(): float
    {
        $percent = round(100.0 * $this->coverage());

        return $this->coverage() < 1.0 ? min(99.0, $percent) : $percent;
    }

    /** Share of the need that the planned array covers in the ruling month, 0 and up. */
    public function coverage(): float
    {
        return $this->ruling === null || $this->ruling->needWh <= 0.0 ? 1.0 : $this->ruling->plannedWh / $this->ruling->needWh;
    }

    /**
     * @param non-empty-list<SunMonth>|list<SunMonth> $months
     */
    private static function ruling(array $months): ?SunMonth
    {
        $ruling = null;
        foreach ($months as $month) {
            if ($month->travelled && ($ruling === null || $month->planeKwh < $ruling->planeKwh)) {
                $ruling = $month;
            }
        }

        return $ruling;
    }

    /**
     * @return list<array{PanelSite, float}> how they lie, and watts; panels that lie alike together, stowed ones left out
     */
    private static function arrays(Graph $graph, Travel $travel): array
    {
        $arrays = [];
        foreach ($graph->of(Family::Panel) as $panel) {
            $site = PanelSite::of($panel, $travel);
            if ($site->isUp) {
                $arrays[$site->key] = [$site, ($arrays[$site->key][1] ?? 0.0) + $panel->data->known('pmax_w')];
            }
        }

        return array_values($arrays);
    }
}
