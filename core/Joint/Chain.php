<?php

declare(strict_types=1);

namespace Pebblefell\Joint;

use Pebblefell\Exception\InvalidValue;

/**
 * A way of current, piece after piece: what drops measured along it say of each, which is bad, and where to measure next. A drop measures
 * the sum of the resistances between its points; see Inverse.
 */
final readonly class Chain
{
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
     * Each piece as measured: what it has, and how well that is known. Any of them may be bad: none is held back by what it should be.
     *
     * @param list<Drop> $drops
     *
     * @return list<array{ohm: float, sigmaOhm: float}> by segment
     */
    public function estimates(array $drops): array
    {
        return $this->seenBy($drops)->estimates(array_keys($this->segments));
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
        return $this->seenBy($drops)->suspects();
    }

    /**
     * @param list<Drop> $drops
     */
    private function seenBy(array $drops): Inverse
    {
        return new Inverse($this->segments, array_map(
            static fn(Drop $d): Sight => Sight::sum(array_fill($d->from, $d->to - $d->from, 1.0), $d->ohm(), $d->sigmaOhm()),
            $drops,
        ));
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
