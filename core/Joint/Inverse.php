<?php

declare(strict_types=1);

namespace Pebblefell\Joint;

/**
 * From readings back to resistances: weighted least squares in which each piece is held to what it should be as loosely as sound ones
 * differ, and a bad one by nothing but that it is worse.
 *
 * Normal prior about what each should have, readings with normal errors: the posterior is the weighted least-squares solution (Bayesian
 * linear regression; Gelman et al., Bayesian Data Analysis, ch. 14, from memory). What is not linear is linearised about the solution
 * (Gauss–Newton). Several faults are taken one after the other, each time the one that explains most, as long as it explains more than none
 * (forward selection by marginal likelihood).
 */
final readonly class Inverse
{
    /** A joint that is bad adds at least so much, Ω. Chosen: at 50 A 75 mV, what a hand begins to feel as warmth. */
    public const BAD_OHM = 0.0015;

    /** How much a bad one may add, Ω: the width of what is thought possible. Chosen. */
    public const WIDE_OHM = 0.02;

    /** Odds that none is bad, or none besides. Chosen: one way in three that is looked at has one. */
    private const SOUND = 2.0;

    /** More than so many at once nobody finds with one meter. Chosen. */
    private const MOST = 4;

    /** Newton's steps; the networks are so nearly linear that the second changes little. */
    private const STEPS = 2;

    /**
     * @param non-empty-list<Segment> $segments
     * @param list<Sight>             $sights
     */
    public function __construct(private array $segments, private array $sights)
    {
    }

    /**
     * How likely each piece is a bad one besides those that are known to be, and that none is.
     *
     * @param list<int> $known places of bad ones
     *
     * @return array{sound: float, bad: list<float>} together 1
     */
    public function suspects(array $known = []): array
    {
        [, $slopes, $rest, $inverse, $logDet] = $this->about($known);
        $m = count($this->sights);
        $weighed = self::times($inverse, $rest);
        $none = -0.5 * (self::dot($rest, $weighed) + $logDet);
        $odds = array_sum(array_map(static fn(Segment $s): float => $s->odds, $this->segments));
        $log = [log(self::SOUND) + $none];
        foreach ($this->segments as $k => $segment) {
            if (in_array($k, $known, true)) {
                $log[] = -INF;
                continue;
            }
            // One more with a fault's mean and spread: the likelihood of the rank-one change (Sherman & Morrison 1950).
            $column = array_map(static fn(int $i): float => $slopes[$i][$k] ?? 0.0, $m === 0 ? [] : range(0, $m - 1));
            $moved = [];
            foreach ($rest as $i => $r) {
                $moved[] = $r - (self::BAD_OHM + self::WIDE_OHM / 2.0) * $column[$i];
            }
            $spread = (self::WIDE_OHM / 2.0) ** 2;
            $solved = self::times($inverse, $column);
            $grown = 1.0 + $spread * self::dot($column, $solved);
            $misfit = self::dot($moved, self::times($inverse, $moved)) - $spread * self::dot($moved, $solved) ** 2 / $grown;
            $log[] = log($segment->odds / $odds) - 0.5 * ($misfit + $logDet + log($grown));
        }
        $most = max($log);
        $share = array_map(static fn(float $l): float => exp(max(-600.0, $l - $most)), $log);
        $all = array_sum($share);
        $share = array_map(static fn(float $s): float => $s / $all, $share);

        return ['sound' => $share[0], 'bad' => array_slice($share, 1)];
    }

    /**
     * Bad ones, one after the other, the one that explains most first; and what is left unclear after them.
     *
     * @return array{faults: list<array{k: int, bad: list<float>}>, sound: float, bad: list<float>} bad of each: the chances when it was
     *     taken,
     *     its own and those of what could be it in its place; sound and bad as suspects() has them with all of those known
     */
    public function faults(): array
    {
        $faults = [];
        while (true) {
            $left = $this->suspects(array_column($faults, 'k'));
            $most = max([0.0, ...$left['bad']]);
            if ($most <= $left['sound'] || count($faults) >= self::MOST) {
                return ['faults' => $faults, ...$left];
            }
            $faults[] = ['k' => (int) array_search($most, $left['bad'], true), 'bad' => $left['bad']];
        }
    }

    /**
     * Returns what each piece has, and how well that is known.
     *
     * @param list<int> $known places of bad ones: those are not held back by what they should be
     *
     * @return list<array{ohm: float, sigmaOhm: float}> by place
     */
    public function estimates(array $known = []): array
    {
        [$mean, $slopes, $rest, $inverse] = $this->about($known);
        $pull = self::times($inverse, $rest);
        $estimates = [];
        foreach ($mean as $k => $ohm) {
            $spread = $this->spread($k, $known) ** 2;
            $column = array_map(static fn(array $row): float => $row[$k] ?? 0.0, $slopes);
            $estimates[] = [
                'ohm' => $ohm + $spread * self::dot($column, $pull),
                'sigmaOhm' => sqrt(max(0.0, $spread - $spread ** 2 * self::dot($column, self::times($inverse, $column)))),
            ];
        }

        return $estimates;
    }

    /**
     * @param list<int> $known
     */
    private function spread(int $k, array $known): float
    {
        return in_array($k, $known, true) ? hypot($this->segments[$k]->spreadOhm, self::WIDE_OHM) : $this->segments[$k]->spreadOhm;
    }

    /**
     * The readings against what is thought before them, linearised about the solution.
     *
     * @param list<int> $known
     *
     * @return array{list<float>, list<array<int, float>>, list<float>, list<list<float>>, float} Ω thought of before, slopes by reading and
     *     piece, what the readings differ by, the inverse of their covariance, and the logarithm of its determinant
     */
    private function about(array $known): array
    {
        $mean = array_map(static fn(Segment $s): float => $s->ohm, $this->segments);
        $at = $mean;
        $isLinear = array_filter($this->sights, static fn(Sight $s): bool => !$s->isLinear) === [];
        for ($step = 1; ; ++$step) {
            $slopes = array_map(static fn(Sight $s): array => $s->slopes($at), $this->sights);
            $rest = [];
            foreach ($this->sights as $i => $sight) {
                $from = 0.0;
                foreach ($slopes[$i] as $k => $slope) {
                    $from += $slope * ($mean[$k] - $at[$k]);
                }
                $rest[] = $sight->value - ($sight->predicts)($at) - $from;
            }
            [$inverse, $logDet] = self::inverted($this->covariance($slopes, $known));
            if ($isLinear || $step > self::STEPS) {
                return [$mean, $slopes, $rest, $inverse, $logDet];
            }
            $pull = self::times($inverse, $rest);
            foreach ($mean as $k => $ohm) {
                $column = array_map(static fn(array $row): float => $row[$k] ?? 0.0, $slopes);
                // A network wants resistances above nothing.
                $at[$k] = max(0.1 * $ohm, $ohm + $this->spread($k, $known) ** 2 * self::dot($column, $pull));
            }
            $at = array_values($at);
        }
    }

    /**
     * Of the readings, before any is known.
     *
     * @param list<array<int, float>> $slopes
     * @param list<int>               $known
     *
     * @return list<list<float>>
     */
    private function covariance(array $slopes, array $known): array
    {
        $covariance = [];
        foreach ($slopes as $i => $row) {
            $line = [];
            foreach ($slopes as $j => $other) {
                $sum = $i === $j ? $this->sights[$i]->sigma ** 2 : 0.0;
                foreach ($row as $k => $slope) {
                    if (isset($other[$k])) {
                        $sum += $slope * $other[$k] * $this->spread($k, $known) ** 2;
                    }
                }
                $line[] = $sum;
            }
            $covariance[] = $line;
        }

        return $covariance;
    }

    /**
     * Of a symmetric positive matrix, by Gauss and Jordan; no pivot is needed there.
     *
     * @param list<list<float>> $a
     *
     * @return array{list<list<float>>, float} inverse, and logarithm of the determinant
     */
    private static function inverted(array $a): array
    {
        $n = count($a);
        $inverse = [];
        for ($i = 0; $i < $n; ++$i) {
            $inverse[] = array_map(static fn(int $j): float => $i === $j ? 1.0 : 0.0, range(0, $n - 1));
        }
        $logDet = 0.0;
        for ($p = 0; $p < $n; ++$p) {
            $pivot = $a[$p][$p];
            $logDet += log($pivot);
            for ($j = 0; $j < $n; ++$j) {
                $a[$p][$j] /= $pivot;
                $inverse[$p][$j] /= $pivot;
            }
            for ($i = 0; $i < $n; ++$i) {
                $by = $a[$i][$p];
                if ($i !== $p && $by !== 0.0) {
                    for ($j = 0; $j < $n; ++$j) {
                        $a[$i][$j] -= $by * $a[$p][$j];
                        $inverse[$i][$j] -= $by * $inverse[$p][$j];
                    }
                }
            }
        }

        return [array_map(array_values(...), $inverse), $logDet];
    }

    /**
     * @param list<list<float>> $matrix
     * @param list<float>       $vector
     *
     * @return list<float>
     */
    private static function times(array $matrix, array $vector): array
    {
        return array_map(static fn(array $row): float => self::dot($row, $vector), $matrix);
    }

    /**
     * @param list<float> $a
     * @param list<float> $b
     */
    private static function dot(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $i => $x) {
            $sum += $x * $b[$i];
        }

        return $sum;
    }
}
