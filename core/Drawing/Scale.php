<?php

declare(strict_types=1);

namespace Pebblefell\Drawing;

/** A straight scale from values to places on the sheet. */
final readonly class Scale
{
    /** Steps that read well. */
    private const STEPS = [1.0, 2.0, 5.0, 10.0];

    private function __construct(public float $low, public float $high, private float $from, private float $to)
    {
    }

    /** Values that are all alike still get a scale. */
    public static function of(float $low, float $high, float $from, float $to): self
    {
        return new self($low, $high > $low ? $high : $low + 1.0, $from, $to);
    }

    /** Place of a value, rounded to a tenth of a pixel. */
    public function at(float $value): float
    {
        return round($this->exact($value), 1);
    }

    /** Length of so much, rounded; never negative. */
    public function length(float $of): float
    {
        return round(abs($of) / ($this->high - $this->low) * abs($this->to - $this->from), 1);
    }

    /**
     * Round values along the scale, at most so many.
     *
     * @return list<AxisTick>
     */
    public function ticks(int $most): array
    {
        $step = self::step(($this->high - $this->low) / max(1, $most));
        $ticks = [];
        for ($n = ceil($this->low / $step - 1e-9); $n * $step <= $this->high + 1e-9; ++$n) {
            $ticks[] = new AxisTick($n * $step, $this->at($n * $step), self::decimals($step));
        }

        return $ticks;
    }

    /**
     * Given values, where they lie on the scale.
     *
     * @param list<float|int> $values
     *
     * @return list<AxisTick>
     */
    public function ticksAt(array $values, int $decimals = 0): array
    {
        return array_map(fn(float|int $v): AxisTick => new AxisTick((float) $v, $this->at((float) $v), $decimals), $values);
    }

    private function exact(float $value): float
    {
        return $this->from + ($value - $this->low) / ($this->high - $this->low) * ($this->to - $this->from);
    }

    private static function step(float $least): float
    {
        $power = 10.0 ** floor(log10(max(1e-9, $least)));
        foreach (self::STEPS as $step) {
            if ($step * $power >= $least - 1e-12) {
                return $step * $power;
            }
        }

        return 10.0 * $power;
    }

    private static function decimals(float $step): int
    {
        return max(0, (int) ceil(-log10($step) - 1e-9));
    }
}
