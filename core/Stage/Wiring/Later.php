<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Circuit\CableRun;
use Pebblefell\Circuit\CableRuns;
use Pebblefell\Circuit\FuseStrength;
use Pebblefell\Conductor\FuseChoice;
use Pebblefell\Conductor\FuseFamily;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Load\LoadSide;
use Pebblefell\Study;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * Tells what a promise for later takes from the start: a larger inverter wants thicker runs, larger fuses and stronger parts on its way;
 * one more battery drives more into a short, which every fuse must break.
 */
final readonly class Later
{
    /** Hours of work to change one run, or one part, later. Chosen: half an hour each, with what stands before it. */
    private const CHANGE_H = 0.5;

    /** A larger inverter is half as large again, where nobody says how large. Chosen. */
    public const USUALLY = 1.5;

    /** Parts on the way that are made for some current. */
    private const MADE_FOR = [Family::Switch, Family::Busbar, Family::SplitRelay, Family::LowVoltageDisconnect, Family::Plug];

    /**
     * @param list<array{run: CableRun, nowMm2: float, laterMm2: float, count: int, metres: float}> $runs that want to be thicker, or so
     *     many side by side; metres of one side
     * @param list<array{part: Part, now: float, later: float}>                         $fuses   A: rated, wanted
     * @param list<array{part: Part, now: float, later: float}>                         $parts   A: made for, wanted
     * @param list<array{part: Part, now: float, later: float}>                         $breaks  A: broken, driven into a short
     * @param int                                                                       $open    runs on the way that are not measured
     */
    private function __construct(
        public float $amps,
        public array $runs,
        public array $fuses,
        public array $parts,
        public array $breaks,
        public int $open,
    ) {
    }

    /**
     * An inverter of so many watts in the place of the planned one.
     *
     * @return ?self null without an inverter whose way from the bank is drawn
     */
    public static function inverter(Study $study, float $watts): ?self
    {
        $inverter = $study->planned()->inverter();
        $at = $inverter === null ? null : Point::of($inverter->uid, 'battery_plus');
        if ($inverter === null || $at === null || !$study->circuit()->joins($at)) {
            return null;
        }
        $volts = $study->system->vehicle->systemV;
        $draws = $watts / ($inverter->data->orUsual('efficiency_pct') / 100.0) / $volts;
        $less = $study->loads()->budget->lastingW(LoadSide::Ac) / $volts;
        $runs = [];
        $open = 0;
        foreach ($study->circuit()->whole()->along($at) as $conductor) {
            $run = $study->cables()->runs()->of($conductor);
            if ($run === null) {
                continue;
            }
            $wanted = self::grown($study->cables()->runs(), $run, $draws, $less);
            $area = $run->areaMm2();
            if ($wanted === null || $area === null) {
                ++$open;
            } elseif ($wanted['count'] * $wanted['mm2'] > $area + 0.01) {
                $runs[$run->conductors[0]->uid] = [
                    'run' => $run, 'nowMm2' => $area, 'laterMm2' => $wanted['mm2'], 'count' => $wanted['count'],
                    'metres' => (float) $run->lengthM(),
                ];
            }
        }
        $fuses = $parts = [];
        foreach ($study->circuit()->whole()->passed($at) as $part) {
            $rated = $part->data->number('rating_a');
            // What lasts there with the new inverter: all but the AC loads of today, and it at full power.
            $flows = $draws + max(0.0, $study->cables()->behind($part)->lastingA()->value - $less);
            if ($part->is(Family::OvercurrentDevice) && $rated !== null && $rated < FuseChoice::CONTINUOUS * $flows) {
                $fuses[] = ['part' => $part, 'now' => $rated, 'later' => self::standard(FuseChoice::CONTINUOUS * $flows)];
            } elseif ($part->is(...self::MADE_FOR) && $rated !== null && $rated < $flows) {
                $parts[] = ['part' => $part, 'now' => $rated, 'later' => $flows];
            }
        }
        foreach ($study->planned()->of(Family::Monitor) as $monitor) {
            $shunt = $monitor->data->number('shunt_a');
            if ($shunt !== null && $shunt < $draws) {
                $parts[] = ['part' => $monitor, 'now' => $shunt, 'later' => $draws];
            }
        }

        return new self($draws, array_values($runs), $fuses, $parts, [], $open);
    }

    /**
     * One more battery: what it drives into a short besides, at each fuse.
     *
     * @param Study $grown the plan with the larger bank
     */
    public static function battery(Study $study, Study $grown): self
    {
        $breaks = [];
        $volts = $study->limits->chargeV()->value ?? $study->system->vehicle->systemV;
        foreach ($grown->planned()->of(Family::OvercurrentDevice) as $fuse) {
            $short = $grown->circuit()->shortAt($fuse);
            $strength = FuseStrength::of($fuse, $volts)?->value;
            if ($short !== null && $strength !== null && $strength < $short && $strength >= (float) $study->circuit()->shortAt($fuse)) {
                $breaks[] = ['part' => $fuse, 'now' => $strength, 'later' => $short];
            }
        }

        return new self(0.0, [], [], [], $breaks, 0);
    }

    /**
     * Returns what it costs to change one run, or one part, later: it whole, and the work on it.
     *
     * @param ?float $whole      price of it; null: not noted
     * @param ?float $hourlyRate null: the workshop has none
     */
    public static function changedLater(?float $whole, ?float $hourlyRate): ?float
    {
        return $whole === null || $hourlyRate === null ? null : $whole + self::CHANGE_H * $hourlyRate;
    }

    /**
     * Returns what a run wants for what it then carries, and for the fuse that it then has.
     *
     * @return ?array{count: int, mm2: float}
     */
    private static function grown(CableRuns $runs, CableRun $run, float $draws, float $less): ?array
    {
        $lasting = $draws + max(0.0, $run->lasting->value - $less);
        $flows = Figure::given('lasting-current', max($lasting, $run->worst->value), 'A', Origin::Computed);
        $fuse = $runs->fuseBefore($run) === null ? null : self::standard(FuseChoice::CONTINUOUS * $lasting);
        $grown = new CableRun($run->conductors, $run->near, $run->far, $flows, $flows, $run->systemV, $run->gauges);

        return $grown->wants(CableRuns::MOST_DROP_PCT, $fuse, $runs->terminalsTakeMm2($run));
    }

    /** The next rating that fuses are made in, A. */
    private static function standard(float $amps): float
    {
        foreach (FuseFamily::standardRatings() as $rating) {
            if ($rating >= $amps) {
                return $rating;
            }
        }

        return $amps;
    }
}
