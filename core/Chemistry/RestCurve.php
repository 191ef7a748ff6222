<?php

declare(strict_types=1);

namespace Pebblefell\Chemistry;

use Pebblefell\Exception\InvalidValue;

/** Rested open-circuit volts of one cell against its state of charge, piecewise linear. */
final readonly class RestCurve
{
    /** @var list<array{float, float}> the points turned round: volts, charge */
    private array $inverse;

    /**
     * @param list<array{float, float}> $points of (soc_pct, volts a cell), rising in both
     */
    public function __construct(private array $points)
    {
        $this->inverse = array_map(static fn(array $p): array => [$p[1], $p[0]], $points);
    }

    /**
     * Volts of a rested cell.
     *
     * @param float $socPct 0 to 100
     */
    public function volts(float $socPct): float
    {
        return self::between($this->points, $socPct);
    }

    /** State of charge in % of a rested cell; clamped to 0 and 100 beyond the curve's ends. */
    public function socPct(float $cellV): float
    {
        return self::between($this->inverse, $cellV);
    }

    /**
     * @param non-empty-list<array{float, float}>|list<array{float, float}> $points
     */
    private static function between(array $points, float $x): float
    {
        if ($points === []) {
            throw InvalidValue::at('', 'curve-points');
        }
        [$x0, $y0] = $points[0];
        if ($x <= $x0) {
            return $y0;
        }
        foreach ($points as [$x1, $y1]) {
            if ($x <= $x1 && $x1 > $x0) {
                return $y0 + ($y1 - $y0) * ($x - $x0) / ($x1 - $x0);
            }
            [$x0, $y0] = [$x1, $y1];
        }

        return $y0;
    }
}
