<?php

declare(strict_types=1);

namespace Pebblefell\Drawing;

/** SVG path data from points. Numbers are as short as a tenth of a pixel allows. */
final class Path
{
    /**
     * @param list<array{float, float}> $points
     */
    public static function line(array $points): string
    {
        $data = '';
        foreach ($points as $i => [$x, $y]) {
            $data .= ($i === 0 ? 'M' : 'L') . self::number($x) . ' ' . self::number($y);
        }

        return $data;
    }

    /**
     * Between a line and a level below it.
     *
     * @param list<array{float, float}> $points
     */
    public static function area(array $points, float $floor): string
    {
        if ($points === []) {
            return '';
        }
        $last = $points[count($points) - 1][0];

        return self::line([[$points[0][0], $floor], ...$points, [$last, $floor]]) . 'Z';
    }

    /**
     * Between two lines over the same places.
     *
     * @param list<array{float, float, float}> $points x, y of the one, y of the other
     */
    public static function band(array $points): string
    {
        return $points === [] ? '' : self::line([
            ...array_map(static fn(array $p): array => [$p[0], $p[1]], $points),
            ...array_map(static fn(array $p): array => [$p[0], $p[2]], array_reverse($points)),
        ]) . 'Z';
    }

    /**
     * Levels that hold over a stretch each, as stairs.
     *
     * @param list<array{float, float, float}> $stretches from x, to x, y
     *
     * @return list<array{float, float}> points for line() or area()
     */
    public static function stairs(array $stretches): array
    {
        $points = [];
        foreach ($stretches as [$from, $to, $y]) {
            $points[] = [$from, $y];
            $points[] = [$to, $y];
        }

        return $points;
    }

    /**
     * Pieces that do not hang together.
     *
     * @param list<array{float, float, float, float}> $pieces x1, y1, x2, y2
     */
    public static function pieces(array $pieces): string
    {
        $data = '';
        foreach ($pieces as [$ax, $ay, $bx, $by]) {
            $data .= 'M' . self::number($ax) . ' ' . self::number($ay) . 'L' . self::number($bx) . ' ' . self::number($by);
        }

        return $data;
    }

    public static function box(float $x, float $y, float $width, float $height): string
    {
        return 'M' . self::number($x) . ' ' . self::number($y) . 'h' . self::number($width) . 'v' . self::number($height) . 'h-'
            . self::number($width) . 'z';
    }

    /** "12.3", "12", never "12.0" or "-0". */
    public static function number(float $value): string
    {
        $text = rtrim(rtrim(sprintf('%.1f', $value), '0'), '.');

        return $text === '-0' ? '0' : $text;
    }
}
