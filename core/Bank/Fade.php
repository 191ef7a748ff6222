<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/**
 * How a capacity fades over the years: a straight line through what was measured, and when it comes down to the end of life.
 *
 * Ordinary least squares with the standard error of the slope (any textbook, e.g. Draper & Smith, Applied Regression Analysis, ch. 1; from
 * memory). Two measurements give a line without an error of their own: the measurement's is taken then.
 */
final readonly class Fade
{
    /** End of life, share of the label. Common practice: 80 %. */
    public const END = 0.8;

    /** A discharge test is off by so much of what it measures, one standard deviation. Assumed: clamp, warmth, where it was stopped. */
    private const ERROR = 0.02;

    private function __construct(
        public float $nowAh,
        public float $perYearAh,
        public float $sigmaPerYearAh,
        public ?float $endYears,
        public ?float $soonestYears,
    ) {
    }

    /**
     * @param list<array{years: float, ah: float}> $measured years since some moment; two different moments at least
     * @param float                                $labelAh
     *
     * @return self nowAh: at the last one, on the line; endYears: from then until END is crossed, null while it does not fade;
     *     soonestYears: the same with a slope two standard errors steeper, null where even that does not fade
     *
     * @throws InvalidValue
     */
    public static function of(array $measured, float $labelAh): self
    {
        Guard::positive($labelAh, '/label_ah');
        $n = count($measured);
        $mean = static fn(string $key): float => array_sum(array_column($measured, $key)) / max(1, $n);
        [$t, $c] = [$mean('years'), $mean('ah')];
        $spread = array_sum(array_map(static fn(array $m): float => ($m['years'] - $t) ** 2, $measured));
        if ($n < 2 || $spread <= 0.0) {
            throw InvalidValue::at('/measured', 'two-readings');
        }
        $slope = array_sum(array_map(static fn(array $m): float => ($m['years'] - $t) * ($m['ah'] - $c), $measured)) / $spread;
        $rest = array_sum(array_map(static fn(array $m): float => ($m['ah'] - $c - $slope * ($m['years'] - $t)) ** 2, $measured));
        $sigma = max($n > 2 ? sqrt($rest / ($n - 2)) : 0.0, self::ERROR * $c) / sqrt($spread);
        $last = max(array_column($measured, 'years'));
        $now = $c + $slope * ($last - $t);
        $until = static fn(float $perYear): ?float => match (true) {
            $now <= self::END * $labelAh => 0.0,
            $perYear >= 0.0 => null,
            default => (self::END * $labelAh - $now) / $perYear,
        };

        return new self($now, $slope, $sigma, $until($slope), $until($slope - 2.0 * $sigma));
    }
}
