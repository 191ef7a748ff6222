<?php

declare(strict_types=1);

namespace Pebblefell\Joint;

use Pebblefell\Exception\InvalidValue;

/**
 * A way of current, piece after piece: what drops measured along it say of each, which is bad, and where to measure next.
 *
 * Each resistance is normal about what it should be; a drop measures the sum of those between its points. The posterior of all is the
 * weighted least-squares solution with that prior (Bayesian linear regression; Gelman et al., Bayesian Data Analysis, ch. 14, from memory).
 * A fault adds a resistance of which nothing is known but that it is positive, to one piece.
 */
final readonly class Chain
{
    /** A joint that is bad adds at least so much, Ω. Chosen: at 50 A 75 mV, what a hand begins to feel as warmth. */
    public const BAD_OHM = 0.0015;

    /** How much a bad one may add, Ω: the width of what is thought possible. Chosen. */
    private const WIDE_OHM = 0.02;

    /** Odds that none is bad. Chosen: one way in three that is looked at has one. */
    private const SOUND = 2.0;

    /**
     * @param non-empty-list<Segment> $segments
     */
    private function __construct(public array $segments)
    {
    }

    /**
     * @param list<Segment> $segments in the order in which the current passes them
     *
     * @throws InvalidValue
     */
    public static function of(array $segments): self
    {
        return new self($segments === [] ? throw InvalidValue::at('/segments', 'empty') : $segments);
    }

    /** Ω that the stretch between two points should have. */
    public function expectedOhm(int $from, int $to): float
    {
        return array_sum(array_map(static fn(Segment $s): float => $s->ohm, array_slice($this->segments, $from, $to - $from)));
    }

    /** One standard deviation of it among sound ones, Ω. */
    public function spreadOhm(int $from, int $to): float
    {
        return sqrt(
            array_sum(array_map(static fn(Segment $s): float => $s->spreadOhm ** 2, array_slice($this->segments, $from, $to - $from))),
        );
    }

    /**
     * Each piece as measured: what it has, and how well that is known.
     *
     * @param list<Drop> $drops
     *
     * @return list<array{ohm: float, sigmaOhm: float}> by segment
     */
    public function estimates(array $drops): array
    {
        $mean = array_map(static fn(Segment $s): float => $s->ohm, $this->segments);
        $n = count($mean);
        $cov = array_fill(0, $n, array_fill(0, $n, 0.0));
        foreach ($this->segments as $i => $segment) {
            // What may be bad is not held back by what it should be.
            $cov[$i][$i] = $segment->spreadOhm ** 2 + self::WIDE_OHM ** 2;
        }
        foreach ($drops as $drop) {
            self::learn($mean, $cov, $drop);
        }

        return array_map(
            static fn(float $ohm, int $i): array => ['ohm' => $ohm, 'sigmaOhm' => sqrt(max(0.0, $cov[$i][$i]))],
            $mean,
            array_keys($mean),
        );
    }

    /**
     * One measurement taken into mean and covariance (a Kalman step of a scalar).
     *
     * @param array<int, float>             $mean changed in place
     * @param array<int, array<int, float>> $cov  changed in place
     */
    private static function learn(array &$mean, array &$cov, Drop $drop): void
    {
        $n = count($mean);
        $gain = [];
        for ($i = 0; $i < $n; ++$i) {
            $gain[$i] = 0.0;
            for ($j = $drop->from; $j < $drop->to; ++$j) {
                $gain[$i] += $cov[$i][$j];
            }
        }
        $var = $drop->sigmaOhm() ** 2 + array_sum(array_slice($gain, $drop->from, $drop->to - $drop->from));
        $off = $drop->ohm() - array_sum(array_slice($mean, $drop->from, $drop->to - $drop->from));
        for ($i = 0; $i < $n; ++$i) {
            $mean[$i] += $gain[$i] / $var * $off;
            for ($j = 0; $j < $n; ++$j) {
                $cov[$i][$j] -= $gain[$i] * $gain[$j] / $var;
            }
        }
    }

    /**
     * How likely each piece is the bad one, and that none is.
     *
     * @param list<Drop> $drops
     *
     * @return array{sound: float, bad: list<float>} together 1
     */
    public function suspects(array $drops): array
    {
        $likely = [self::SOUND * $this->likelihood($drops, null)];
        foreach ($this->segments as $k => $segment) {
            $likely[] = $segment->odds / $this->odds() * $this->likelihood($drops, $k);
        }
        $all = array_sum($likely);
        $share = array_map(static fn(float $l): float => $all > 0.0 ? $l / $all : 1.0 / count($likely), $likely);

        return ['sound' => $share[0], 'bad' => array_slice($share, 1)];
    }

    /** Odds of all its pieces together. */
    private function odds(): float
    {
        return array_sum(array_map(static fn(Segment $s): float => $s->odds, $this->segments));
    }

    /**
     * Density of what was measured, if one piece is bad: taken in one by one, what each says is seen before it is learnt.
     *
     * @param list<Drop> $drops
     */
    private function likelihood(array $drops, ?int $bad): float
    {
        $mean = array_map(static fn(Segment $s): float => $s->ohm, $this->segments);
        $n = count($mean);
        $cov = array_fill(0, $n, array_fill(0, $n, 0.0));
        foreach ($this->segments as $i => $segment) {
            $cov[$i][$i] = $segment->spreadOhm ** 2;
        }
        if ($bad !== null) {
            $mean[$bad] += self::BAD_OHM + self::WIDE_OHM / 2.0;
            $cov[$bad][$bad] += (self::WIDE_OHM / 2.0) ** 2;
        }
        $log = 0.0;
        foreach ($drops as $drop) {
            $var = $drop->sigmaOhm() ** 2;
            for ($i = $drop->from; $i < $drop->to; ++$i) {
                for ($j = $drop->from; $j < $drop->to; ++$j) {
                    $var += $cov[$i][$j];
                }
            }
            $off = $drop->ohm() - array_sum(array_slice($mean, $drop->from, $drop->to - $drop->from));
            $log += -0.5 * ($off ** 2 / $var + log($var));
            self::learn($mean, $cov, $drop);
        }

        return exp(max(-600.0, min(600.0, $log)));
    }

    /**
     * Where to measure next: first the whole way, then where the suspicion is split most evenly, so that one reading halves it.
     *
     * @param list<Drop> $drops
     * @param ?int       $apart place of a piece that no meter spans: the device between the way out and the way back
     *
     * @return ?array{int, int} points; null: one piece is as good as named, or nothing is left to measure
     */
    public function next(array $drops, ?int $apart = null): ?array
    {
        $n = count($this->segments);
        if ($drops === []) {
            return [0, $apart ?? $n];
        }
        ['sound' => $sound, 'bad' => $bad] = $this->suspects($drops);
        if ($sound > 0.9 || max([0.0, ...$bad]) > 0.9) {
            return null;
        }
        $done = array_map(static fn(Drop $d): array => [$d->from, $d->to], $drops);
        $all = array_sum($bad);
        $best = null;
        for ($from = 0; $from < $n; ++$from) {
            for ($to = $from + 1; $to <= $n; ++$to) {
                if (in_array([$from, $to], $done, true) || ($apart !== null && $from <= $apart && $to > $apart)) {
                    continue;
                }
                // Halves alike; of those alike the one with fewer pieces: there the spread of the sound ones hides least.
                $uneven = abs(array_sum(array_slice($bad, $from, $to - $from)) / $all - 0.5) + 1e-4 * ($to - $from);
                if ($best === null || $uneven < $best[0] - 1e-12) {
                    $best = [$uneven, [$from, $to]];
                }
            }
        }

        return $best[1] ?? null;
    }
}
