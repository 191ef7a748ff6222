<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

use Pebblefell\Sun\GlobalSun;
use Pebblefell\Sun\Plane;
use Pebblefell\Sun\PlaneSun;
use Pebblefell\Sun\Shade;
use Pebblefell\Sun\SolarDay;

/** One day's sky and cold. */
final readonly class WeatherDay
{
    /** Hour of the clock at which a day is coldest; it is warmest twelve hours later. Common practice. */
    private const COLDEST_H = 4.0;

    /**
     * @param int          $dayOfYear 1 to 365
     * @param int          $month     1 to 12
     * @param float        $clearness Rs/Ra
     * @param float        $minC      coldest of the day
     * @param float        $maxC      warmest of the day
     * @param ?list<float> $hourlyKwh  kWh/m² on the horizontal by hour of the clock, where a weather file gives it
     * @param ?list<float> $hourlyC   °C by hour, where a weather file gives it
     * @param float        $solarOffsetH solar time − clock time, used with $hourlyKwh
     */
    public function __construct(
        public int $dayOfYear,
        public int $month,
        public float $clearness,
        public float $minC,
        public float $maxC,
        private ?array $hourlyKwh = null,
        private ?array $hourlyC = null,
        private float $solarOffsetH = 0.0,
    ) {
    }

    /** The same day under another sky. */
    public function underClearness(float $clearness): self
    {
        return new self($this->dayOfYear, $this->month, $clearness, $this->minC, $this->maxC);
    }

    /** The same day, colder or warmer by so much. */
    public function warmerBy(float $kelvin): self
    {
        return new self(
            $this->dayOfYear,
            $this->month,
            $this->clearness,
            $this->minC + $kelvin,
            $this->maxC + $kelvin,
            $this->hourlyKwh,
            $this->hourlyC === null ? null : array_map(static fn(float $c): float => $c + $kelvin, $this->hourlyC),
            $this->solarOffsetH,
        );
    }

    /**
     * @return list<float> kWh/m² on the plane in each of $perDay steps
     */
    public function light(float $latitudeDeg, Plane $plane, Shade $shade, int $perDay): array
    {
        $day = SolarDay::at($latitudeDeg, $this->dayOfYear);

        return $this->hourlyKwh !== null
            ? PlaneSun::stepsOfHours($day, $this->hourlyKwh, $plane, $shade, $perDay, $this->solarOffsetH)
            : PlaneSun::steps(GlobalSun::fromClearness($day, $this->clearness), $plane, $shade, $perDay);
    }

    /**
     * @return list<float> °C outside in each of $perDay steps: by the file, else a cosine between coldest and warmest
     */
    public function celsius(int $perDay): array
    {
        $steps = [];
        $mean = ($this->minC + $this->maxC) / 2;
        $half = ($this->maxC - $this->minC) / 2;
        for ($k = 0; $k < $perDay; ++$k) {
            $hour = ($k + 0.5) * 24.0 / $perDay;
            $steps[] = $this->hourlyC !== null
                ? $this->hourlyC[min(23, (int) floor($hour))]
                : $mean - $half * cos(($hour - self::COLDEST_H) * M_PI / 12);
        }

        return $steps;
    }
}
