<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/**
 * A year of days for one place: from monthly means with good and bad days in a row, or from a weather file.
 *
 * From means: z' = φ z + √(1−φ²) ε with φ = 0.3, each day's share of the month's distribution is Φ(z), and the month is then
 * brought to its mean. No randomness: the same seed gives the same year. References: Graham, Hollands & Puget 1988 for the
 * autoregression; see ClearnessSpread for the distribution.
 */
final readonly class Weather
{
    public const MONTH_DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

    /** Day-to-day memory of the sky. Graham, Hollands & Puget 1988 (from memory). */
    private const MEMORY = 0.3;

    /** Night to day, °C, where only the nights are known. An assumption: a coast. */
    public const ASSUMED_RANGE_C = 7.0;

    /** Standard deviation of a night about its month's mean, °C. An assumption. */
    private const NIGHT_SPREAD_C = 2.5;

    /**
     * @param list<WeatherDay> $year 365 days
     */
    private function __construct(public float $latitudeDeg, public array $year)
    {
    }

    /**
     * @param list<float> $clearness twelve monthly means of Rs/Ra, 0 to 1
     * @param list<float> $minC twelve monthly means of the nights, °C
     * @param int         $seed names the year
     *
     * @throws InvalidValue
     */
    public static function ofMeans(float $latitudeDeg, array $clearness, array $minC, int $seed = 1): self
    {
        Guard::between($latitudeDeg, -90.0, 90.0, '/latitude_deg');
        foreach (['clearness' => $clearness, 'min_c' => $minC] as $key => $list) {
            if (count($list) !== 12) {
                throw InvalidValue::at("/$key", 'twelve');
            }
        }
        $noise = Noise::of($seed);
        $z = $noise->normal();
        $cold = $noise->normal();
        $days = [];
        $dayOfYear = 0;
        foreach (self::MONTH_DAYS as $m => $count) {
            $mean = Guard::between($clearness[$m], 0.0, 1.0, "/clearness/$m");
            $spread = ClearnessSpread::about($mean);
            $keep = sqrt(1.0 - self::MEMORY ** 2);
            $month = [];
            for ($d = 0; $d < $count; ++$d) {
                $z = self::MEMORY * $z + $keep * $noise->normal();
                $cold = 0.6 * $cold + 0.8 * $noise->normal();
                $month[] = [$spread->at(Noise::below($z)), $cold];
            }
            foreach (self::broughtToMean($month, $mean) as $d => [$k, $cold0]) {
                $night = self::nightC($minC, $m, $d / $count) + self::NIGHT_SPREAD_C * $cold0;
                $days[] = new WeatherDay(++$dayOfYear, $m + 1, $k, $night, $night + self::ASSUMED_RANGE_C);
            }
        }

        return new self($latitudeDeg, $days);
    }

    /**
     * @param list<WeatherDay> $days 365 of them, as a weather file has them
     */
    public static function ofDays(float $latitudeDeg, array $days): self
    {
        return new self($latitudeDeg, $days);
    }

    /**
     * So many days in a row from a day of the year on; the year begins again after its end.
     *
     * @param int $dayOfYear 1 to 365
     *
     * @return list<WeatherDay>
     */
    public function from(int $dayOfYear, int $count): array
    {
        $days = [];
        for ($i = 0; $i < $count; ++$i) {
            $days[] = $this->year[($dayOfYear - 1 + $i) % 365];
        }

        return $days;
    }

    /**
     * A month's days, over and over: what staying on in that month would be like.
     *
     * @param int $month 1 to 12
     *
     * @return list<WeatherDay>
     */
    public function ofMonth(int $month, int $count): array
    {
        $first = self::firstDay($month);
        $days = [];
        for ($i = 0; $i < $count; ++$i) {
            $days[] = $this->year[$first - 1 + $i % self::MONTH_DAYS[$month - 1]];
        }

        return $days;
    }

    /** Mean clearness of a month's days. */
    public function meanClearness(int $month): float
    {
        $days = $this->ofMonth($month, self::MONTH_DAYS[$month - 1]);

        return array_sum(array_map(static fn(WeatherDay $d): float => $d->clearness, $days)) / count($days);
    }

    /** Day of the year of a month's first day. */
    public static function firstDay(int $month): int
    {
        return 1 + array_sum(array_slice(self::MONTH_DAYS, 0, $month - 1));
    }

    /**
     * Scales a month's days until their mean is the month's, none above 0.85.
     *
     * @param list<array{float, float}> $days clearness and cold
     *
     * @return list<array{float, float}>
     */
    private static function broughtToMean(array $days, float $mean): array
    {
        for ($i = 0; $i < 4; ++$i) {
            $is = array_sum(array_column($days, 0)) / count($days);
            $days = array_map(static fn(array $d): array => [$is > 0.0 ? min(0.85, $d[0] * $mean / $is) : 0.0, $d[1]], $days);
        }

        return $days;
    }

    /**
     * Mean night between the middles of two months.
     *
     * @param list<float> $minC
     */
    private static function nightC(array $minC, int $m, float $through): float
    {
        $other = $through < 0.5 ? ($m + 11) % 12 : ($m + 1) % 12;

        return $minC[$m] + ($minC[$other] - $minC[$m]) * abs($through - 0.5);
    }
}
