<?php

declare(strict_types=1);

namespace Pebblefell\Charging;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Quantity\Guard;

/**
 * Panels in strings of so many in series, so many strings in parallel, on one regulator: does it fit, and what limits it?
 *
 * Cold open-circuit volts against the array limit (the coldest morning decides), hot working volts against the battery, short-circuit
 * current against the input, and full-sun current against the charge limit. V(T) = V · (1 + tempco · (T − 25)). First principles; the
 * coefficients are the data sheet's.
 *
 * Mixed panels: in series the smallest current flows through all, in parallel the lowest volts stand over all.
 */
final readonly class ArrayFit
{
    /** Working volts stand so far above absorption in the heat, V. Common practice. */
    private const ABOVE_V = 1.0;

    /** A full bank at rest, of its absorption volts. Common practice. */
    private const RESTING_SHARE = 0.95;

    /** Longer strings nobody builds on a vehicle. Chosen. */
    private const MOST_IN_SERIES = 20;

    /**
     * @param list<PanelSheet> $panels one for each place in the array, string by string
     */
    private function __construct(
        private array $panels,
        private int $series,
        private int $parallel,
        private RegulatorSheet $regulator,
        private float $minCellC,
        private float $maxCellC,
        private float $absorptionV,
        public float $vocColdV,
        public float $vocHotV,
        public float $vmpHotV,
        public float $iscA,
        public float $pmaxW,
        public float $mixedLossW,
        public float $chargeAUnclipped,
        public float $chargeA,
    ) {
    }

    /**
     * @param float $minCellC coldest morning on record at the site, °C
     * @param float $maxCellC cells in full sun on a hot day, °C
     *
     * @throws InvalidValue
     */
    public static function of(
        PanelSheet $panel,
        int $series,
        int $parallel,
        RegulatorSheet $regulator,
        float $minCellC,
        float $maxCellC,
        float $absorptionV,
    ): self {
        Guard::between($series, 1, 1000, '/series');
        Guard::between($parallel, 1, 1000, '/parallel');

        return self::ofStrings(array_fill(0, $parallel, array_fill(0, $series, $panel)), $regulator, $minCellC, $maxCellC, $absorptionV);
    }

    /**
     * Any panels, string by string; the strings are in parallel.
     *
     * @param list<list<PanelSheet>> $strings none empty
     *
     * @throws InvalidValue
     */
    public static function ofStrings(array $strings, RegulatorSheet $regulator, float $minCellC, float $maxCellC, float $absorptionV): self
    {
        if ($strings === [] || $strings[0] === []) {
            throw InvalidValue::at('/series', 'needs-panel');
        }
        if ($minCellC > $maxCellC) {
            throw InvalidValue::at('/max_cell_c', 'cells-hotter');
        }
        Guard::positive($absorptionV, '/absorption_v');
        $sum = static fn(array $string, callable $of): float => array_sum(array_map($of, $string));
        $voc = static fn(float $c): array => array_map(
            static fn(array $s): float => $sum($s, static fn(PanelSheet $p): float => $p->vocAt($c)),
            $strings,
        );
        $least = static fn(callable $of): array => array_map(static fn(array $s): float => min([INF, ...array_map($of, $s)]), $strings);
        $vmpStc = array_map(static fn(array $s): float => $sum($s, static fn(PanelSheet $p): float => $p->vmpV), $strings);
        $vmpHot = array_map(static fn(array $s): float => $sum($s, static fn(PanelSheet $p): float => $p->vmpAt($maxCellC)), $strings);
        $imp = $least(static fn(PanelSheet $p): float => $p->impA);
        $isc = array_sum($least(static fn(PanelSheet $p): float => $p->iscA));
        $rated = array_sum(array_map(static fn(array $s): float => $sum($s, static fn(PanelSheet $p): float => $p->pmaxW), $strings));
        // What the weakest volts and currents leave of the rated watts: all of it when the panels are alike.
        $alike = array_sum(array_map(
            static fn(array $s): float => $sum($s, static fn(PanelSheet $p): float => $p->vmpV * $p->impA),
            $strings,
        ));
        $left = min($vmpStc) * array_sum($imp);
        $pmax = $rated * min(1.0, $left / $alike);
        $unclipped = $regulator->mppt ? $pmax / $absorptionV : $isc;
        $panels = array_merge(...$strings);

        return new self(
            $panels,
            count($strings[0]),
            count($strings),
            $regulator,
            $minCellC,
            $maxCellC,
            $absorptionV,
            max($voc($minCellC)),
            min($voc($maxCellC)),
            min($vmpHot),
            $isc,
            $pmax,
            $rated - $pmax,
            $unclipped,
            min($unclipped, $regulator->maxChargeA),
        );
    }

    /** Nothing stands against it but notes. */
    public function fits(): bool
    {
        foreach ($this->findings() as $finding) {
            if ($finding->severity !== Severity::Note) {
                return false;
            }
        }

        return true;
    }

    /** Open-circuit volts on the coldest morning. */
    public function vocCold(): Figure
    {
        $panel = $this->panels[0];

        return new Figure('cold-open-circuit-volts', $this->vocColdV, 'V', 'cold-open-circuit-volts', [
            Figure::given('in-series', $this->series, ''),
            Figure::given('voc', $panel->vocV, 'V', Origin::DataSheet),
            Figure::given('by-temperature', $panel->vocPctPerC, '%/°C', Origin::DataSheet),
            Figure::given('coldest-morning', $this->minCellC, '°C'),
        ], 'iec-61215');
    }

    /** Working volts in the heat. */
    public function vmpHot(): Figure
    {
        $panel = $this->panels[0];

        return new Figure('hot-working-volts', $this->vmpHotV, 'V', 'hot-working-volts', [
            Figure::given('in-series', $this->series, ''),
            Figure::given('vmp', $panel->vmpV, 'V', Origin::DataSheet),
            Figure::given('by-temperature', $panel->vmpPctPerC, '%/°C', Origin::DataSheet),
            Figure::given('cells-in-full-sun', $this->maxCellC, '°C'),
        ], 'iec-61215');
    }

    public function shortCircuit(): Figure
    {
        return new Figure('short-circuit-current', $this->iscA, 'A', 'short-circuit-current', [
            Figure::given('in-parallel', $this->parallel, ''),
            Figure::given('isc', $this->panels[0]->iscA, 'A', Origin::DataSheet),
        ], 'first-principles');
    }

    /** In full sun, before the regulator's limit. */
    public function unclipped(): Figure
    {
        return $this->regulator->mppt
            ? new Figure(
                'full-sun-current',
                $this->chargeAUnclipped,
                'A',
                'full-sun-current',
                [
                    Figure::given('array', round($this->pmaxW, 1), 'W', Origin::DataSheet),
                    Figure::given('absorption', $this->absorptionV, 'V'),
                ],
                'first-principles',
            )
            : new Figure(
                'full-sun-current',
                $this->chargeAUnclipped,
                'A',
                'full-sun-current-pwm',
                [$this->shortCircuit()],
                'first-principles',
            );
    }

    /** The regulator passes on less than the array could give. */
    public function isClipped(): bool
    {
        return $this->chargeAUnclipped > $this->chargeA + 0.05;
    }

    /** Open-circuit volts of the weakest string at a cell's warmth. */
    private function openAt(float $celsius): float
    {
        return min([
            INF,
            ...array_map(
                static fn(array $s): float => array_sum(array_map(static fn(PanelSheet $p): float => $p->vocAt($celsius), $s)),
                array_chunk($this->panels, max(1, $this->series)),
            ),
        ]);
    }

    /**
     * It works too low in the heat, or an MPPT regulator does not wake at dawn.
     *
     * @param float $times as many in series
     */
    private function isTooLow(float $dawnV, float $times): bool
    {
        return $times * $this->vmpHotV < $this->absorptionV + self::ABOVE_V
            || ($this->regulator->mppt && $times * $dawnV < self::RESTING_SHARE * $this->absorptionV + $this->regulator->startAboveV);
    }

    /** The least number in series that suits cold and heat; null where there is none. */
    private function seriesThatFits(float $dawnV): ?int
    {
        for ($n = 1; $n <= self::MOST_IN_SERIES; ++$n) {
            if (!$this->isTooLow($dawnV, $n / $this->series) && $this->vocColdV * $n / $this->series <= $this->regulator->maxPvV) {
                return $n;
            }
        }

        return null;
    }

    /**
     * @param string $subject    uid of the regulator
     * @param ?float $usualDawnC mean morning at the site, where the regulator must wake as well; null: the coldest only
     *
     * @return list<Finding>
     */
    public function findings(string $subject = '', ?float $usualDawnC = null): array
    {
        $r = $this->regulator;
        $limit = static fn(string $label, float $value, string $unit): Figure => Figure::given($label, $value, $unit, Origin::DataSheet);
        $findings = [];
        if ($this->vocColdV > $r->maxPvV) {
            $most = (int) floor($this->series * $r->maxPvV / $this->vocColdV);
            $findings[] = new Finding(
                'array-volts-too-high',
                Severity::Stop,
                [
                    'series' => $this->series,
                    ...Amount::compared(['volts' => $this->vocColdV, 'takes' => $r->maxPvV], 'V', 1),
                    'cold' => Amount::of($this->minCellC, '°C'),
                    'most' => $most,
                ],
                [$this->vocCold(), $limit('array-limit', $r->maxPvV, 'V')],
                $subject,
                variant: $most > 0 ? '' : 'none',
            );
        }
        if ($r->maxPvIscA !== null && $this->iscA > $r->maxPvIscA) {
            $findings[] = new Finding(
                'array-current-too-high',
                Severity::Fix,
                Amount::compared(['amps' => $this->iscA, 'bears' => $r->maxPvIscA], 'A', 1),
                [$this->shortCircuit(), $limit('input-limit', $r->maxPvIscA, 'A')],
                $subject,
            );
        }
        $dawn = min($this->openAt($this->minCellC), $usualDawnC === null ? INF : $this->openAt($usualDawnC));
        if ($this->isTooLow($dawn, 1.0)) {
            $series = $this->seriesThatFits($dawn);
            $findings[] = new Finding(
                'array-volts-too-low',
                Severity::Fix,
                [
                    'hot' => Amount::of($this->maxCellC, '°C'), 'works' => Amount::of($this->vmpHotV, 'V', 1),
                    'open' => Amount::of($dawn, 'V', 1), 'absorption' => Amount::of($this->absorptionV, 'V', 1),
                    'wakes' => Amount::of($r->startAboveV, 'V'), 'full' => Amount::of(
                        self::RESTING_SHARE * $this->absorptionV,
                        'V',
                        1,
                    ), 'series' => $series ?? 0,
                ],
                [$this->vmpHot(), Figure::given('absorption', $this->absorptionV, 'V')],
                $subject,
                variant: ($r->mppt ? 'mppt' : 'pwm') . ($series === null ? '-none' : ''),
            );
        }
        if ($this->chargeAUnclipped > $r->maxChargeA * 1.0000001) {
            $findings[] = new Finding(
                'regulator-clips',
                Severity::Note,
                Amount::compared(['amps' => $this->chargeAUnclipped, 'limit' => $r->maxChargeA], 'A', 1),
                [$this->unclipped(), $limit('charge-limit', $r->maxChargeA, 'A')],
                $subject,
            );
        }
        if ($this->mixedLossW > 0.005 * ($this->pmaxW + $this->mixedLossW)) {
            $findings[] = new Finding(
                'mixed-panels',
                Severity::Fix,
                ['left' => Amount::of($this->pmaxW, 'W', 0), 'of' => Amount::of($this->pmaxW + $this->mixedLossW, 'W', 0)],
                [Figure::given('lost', round($this->mixedLossW), 'W', Origin::Computed)],
                $subject,
            );
        }
        if (!$r->mppt && $this->vmpHotV > 1.5 * $this->absorptionV) {
            $findings[] = new Finding(
                'pwm-wastes-volts',
                Severity::Fix,
                ['works' => Amount::of($this->vmpHotV, 'V', 0), 'absorption' => Amount::of($this->absorptionV, 'V', 1)],
                [$this->vmpHot()],
                $subject,
            );
        }

        return $findings;
    }
}
