<?php

declare(strict_types=1);

namespace Pebblefell\Drawing;

/**
 * Rectangles laid on a sheet beside what already lies there, with a gap, turned where that helps: each at the place furthest to the left,
 * then furthest up, of all that touch an edge of another. Reference: bottom-left packing, Baker, Coffman & Rivest 1980 (from memory).
 *
 * @phpstan-type Rect array{x: float, y: float, l: float, w: float}
 */
final class Packing
{
    public const EITHER = 'either';
    public const ALONG = 'along';
    public const ACROSS = 'across';
    public const WAYS = [self::ALONG, self::ACROSS, self::EITHER];

    /** @var list<Rect> */
    private array $taken;

    /**
     * @param list<Rect> $taken
     */
    public function __construct(
        private readonly float $length,
        private readonly float $width,
        private readonly float $edge,
        private readonly float $gap,
        array $taken = [],
    ) {
        $this->taken = $taken;
    }

    /**
     * Lies within the edges, and with the gap from everything.
     *
     * @param Rect $r
     */
    public function isFree(array $r): bool
    {
        $slack = 1e-6;
        if ($r['x'] < $this->edge - $slack
            || $r['y'] < $this->edge - $slack
            || $r['x'] + $r['l'] > $this->length - $this->edge + $slack
            || $r['y'] + $r['w'] > $this->width - $this->edge + $slack) {
            return false;
        }
        foreach ($this->taken as $t) {
            if ($r['x'] < $t['x'] + $t['l'] + $this->gap - $slack && $t['x'] < $r['x'] + $r['l'] + $this->gap - $slack
                && $r['y'] < $t['y'] + $t['w'] + $this->gap - $slack && $t['y'] < $r['y'] + $r['w'] + $this->gap - $slack) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param Rect $r
     */
    public function take(array $r): void
    {
        $this->taken[] = $r;
    }

    /**
     * Lays one down where it fits.
     *
     * @param 'either'|'along'|'across' $way whether it is turned: where that lies further to the left, or only where it fits no other way
     *
     * @return ?Rect null where it fits nowhere
     */
    public function place(float $l, float $w, string $way = self::EITHER): ?array
    {
        $ways = match ($way) {
            self::EITHER => [[[$l, $w], [$w, $l]]],
            self::ALONG => [[[$l, $w]], [[$w, $l]]],
            default => [[[$w, $l]], [[$l, $w]]],
        };
        foreach ($ways as $sizes) {
            $best = $this->best($sizes);
            if ($best !== null) {
                $this->take($best);

                return $best;
            }
        }

        return null;
    }

    /**
     * How many of one size fit besides, by the best of the ways.
     */
    public function more(float $l, float $w, int $most): int
    {
        $counts = [];
        foreach (self::WAYS as $way) {
            $again = clone $this;
            $count = 0;
            while ($count < $most && $again->place($l, $w, $way) !== null) {
                ++$count;
            }
            $counts[] = $count;
        }

        return max($counts);
    }

    /**
     * @param list<array{float, float}> $sizes along and across
     *
     * @return ?Rect
     */
    private function best(array $sizes): ?array
    {
        $best = null;
        foreach ($sizes as [$along, $across]) {
            foreach ($this->corners('x', 'l', $along, $this->length) as $x) {
                foreach ($this->corners('y', 'w', $across, $this->width) as $y) {
                    $r = ['x' => $x, 'y' => $y, 'l' => $along, 'w' => $across];
                    if (($best === null || [$x + $along, $y] < [$best['x'] + $best['l'], $best['y']]) && $this->isFree($r)) {
                        $best = $r;
                    }
                }
            }
        }

        return $best;
    }

    /**
     * Places along one side at which a rectangle touches an edge: of the sheet, or of another, after it or before it.
     *
     * @param 'x'|'y' $at
     * @param 'l'|'w' $size
     *
     * @return list<float>
     */
    private function corners(string $at, string $size, float $own, float $end): array
    {
        $corners = [$this->edge, $end - $this->edge - $own];
        foreach ($this->taken as $t) {
            array_push($corners, $t[$at] + $t[$size] + $this->gap, $t[$at] - $this->gap - $own);
        }
        $corners = array_values(array_unique(
            array_filter($corners, fn(float $c): bool => $c >= $this->edge - 1e-6 && $c + $own <= $end - $this->edge + 1e-6),
            SORT_REGULAR,
        ));
        sort($corners);

        return $corners;
    }
}
