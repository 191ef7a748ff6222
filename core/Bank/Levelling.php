<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/**
 * Batteries joined to a common bar, left until they are even.
 *
 * Each is its chemistry's rest curve behind its resistance and its lead; the bar stands at the mean of their volts weighted by
 * conductance. Stepped by the implicit midpoint rule (second order and stable; Hairer, Lubich & Wanner, Geometric Numerical Integration,
 * II.1, from memory): what a battery's volts yield within half a step stands beside its resistance. No charge moves by more than 0.1 % in a
 * step, and none is longer than half the shortest time constant. For two linear batteries it is i(t) = ΔV/R · e^(−t/τ), which a test
 * checks.
 */
final readonly class Levelling
{
    private const MOST_SOC_STEP = 0.1;

    /** Of the shortest time constant. Chosen: the closed form is met to 1 %. */
    private const MOST_TAU = 0.5;

    /** Nobody waits longer, h. Chosen. */
    private const MOST_H = 2000.0;

    /**
     * @param array<string, float> $initialA out of each battery at the start
     * @param array<string, float> $finalSocPct
     * @param list<array{float, array<string, float>}> $course hours and charge of each, thinned
     * @param ?float $hours until all are below the limit; null: not within MOST_H
     */
    private function __construct(
        public array $initialA,
        public ?float $hours,
        public float $movedAh,
        public array $finalSocPct,
        public array $course,
    ) {
    }

    /**
     * @param list<array{id: string, capacity_ah: float, r_ohm: float, soc_pct?: ?float, ocv_v?: ?float}> $batteries two or more
     * @param float $linkOhm each to the bar, both leads together
     * @param ?int  $cells in series in each; null: by the volts that are given, else those of a 12 V block
     *
     * @throws InvalidValue
     */
    public static function of(array $batteries, Chemistry $chemistry, float $linkOhm, float $untilA = 1.0, ?int $cells = null): self
    {
        if (count($batteries) < 2) {
            throw InvalidValue::at('/batteries', 'two-batteries');
        }
        Guard::notNegative($linkOhm, '/link_ohm');
        Guard::positive($untilA, '/until_a');
        $curve = $chemistry->restCurve();
        $cells ??= self::cells($batteries, $chemistry);
        $ids = $ah = $ohm = $soc = [];
        foreach ($batteries as $i => $b) {
            if (isset($b['soc_pct']) === isset($b['ocv_v'])) {
                throw InvalidValue::at("/batteries/$i/soc_pct", 'soc-or-volts');
            }
            if (in_array($b['id'], $ids, true)) {
                throw InvalidValue::at("/batteries/$i/id", 'twice', ['name' => $b['id']]);
            }
            $ids[] = $b['id'];
            $ah[] = Guard::positive($b['capacity_ah'], "/batteries/$i/capacity_ah");
            $ohm[] = Guard::positive($b['r_ohm'], "/batteries/$i/r_ohm") + $linkOhm;
            $soc[] = isset($b['soc_pct']) ? Guard::between(
                $b['soc_pct'],
                0.0,
                100.0,
                "/batteries/$i/soc_pct",
            ) : $curve->socPct(($b['ocv_v'] ?? 0.0) / $cells);
        }
        // Rested volts in steps of 0.1 %, exact: the curves bend at tenths only.
        $rest = array_map(static fn(int $k): float => $cells * $curve->volts($k / 10), range(0, 1000));
        $rest[] = $rest[1000];
        $siemens = array_sum(array_map(static fn(float $r): float => 1.0 / $r, $ohm));
        $initial = $course = [];
        $hours = 0.0;
        $moved = 0.0;
        $ended = $last = null;
        $step = 0.0;
        $n = count($ids);
        $next = 0.0;
        while ($hours <= self::MOST_H) {
            $volts = $slope = $stiff = [];
            $bar = 0.0;
            for ($i = 0; $i < $n; ++$i) {
                $x = max(0.0, min(1000.0, $soc[$i] * 10));
                $k = (int) $x;
                $volts[$i] = $rest[$k] + ($rest[$k + 1] - $rest[$k]) * ($x - $k);
                // V per Ah here, and across the nearest bend.
                $slope[$i] = max($rest[$k + 1] - $rest[$k], $rest[$k] - $rest[max(0, $k - 1)]) / ($ah[$i] / 1000.0);
                $bar += $volts[$i] / $ohm[$i] / $siemens;
            }
            $amps = [];
            $largest = 0.0;
            $dt = INF;
            for ($i = 0; $i < $n; ++$i) {
                $amps[$i] = ($volts[$i] - $bar) / $ohm[$i];
                $largest = max($largest, abs($amps[$i]));
                $dt = min(
                    $dt,
                    abs($amps[$i]) > 1e-12 ? self::MOST_SOC_STEP / 100.0 * $ah[$i] / abs($amps[$i]) : INF,
                    $slope[$i] > 0.0 ? self::MOST_TAU * $ohm[$i] / $slope[$i] : INF,
                );
            }
            if ($initial === []) {
                $initial = array_combine($ids, $amps);
            }
            if ($hours >= $next) {
                $course[] = [$hours, array_combine($ids, $soc)];
                $next = $hours + max(0.02, 0.01 * $hours);
            }
            if ($largest < $untilA) {
                // They fell below it within the last step, as e^(−t/τ).
                $ended = $last === null ? 0.0 : $hours - $step * (1.0 - log($last / $untilA) / log($last / $largest));
                break;
            }
            [$last, $step] = [$largest, $dt];
            // The currents of the middle of the step.
            $bar = $all = 0.0;
            for ($i = 0; $i < $n; ++$i) {
                $stiff[$i] = $ohm[$i] + $slope[$i] * $dt / 2.0;
                $bar += $volts[$i] / $stiff[$i];
                $all += 1.0 / $stiff[$i];
            }
            $bar /= $all;
            for ($i = 0; $i < $n; ++$i) {
                $mid = ($volts[$i] - $bar) / $stiff[$i];
                $soc[$i] = max(0.0, min(100.0, $soc[$i] - 100.0 * $mid * $dt / $ah[$i]));
                $moved += max(0.0, $mid) * $dt;
            }
            $hours += $dt;
        }
        $course[] = [min($hours, self::MOST_H), array_combine($ids, $soc)];

        return new self($initial, $ended, $moved, array_combine($ids, $soc), $course);
    }

    /**
     * Cells in series: by the volts that are given, else those of a 12 V block.
     *
     * @param list<array{id: string, capacity_ah: float, r_ohm: float, soc_pct?: ?float, ocv_v?: ?float}> $batteries
     */
    private static function cells(array $batteries, Chemistry $chemistry): int
    {
        foreach ($batteries as $b) {
            if (isset($b['ocv_v'])) {
                return max(1, (int) round($b['ocv_v'] / ($chemistry->isLithium() ? 3.25 : 2.1)));
            }
        }

        return $chemistry->cellsFor(12.0);
    }
}
