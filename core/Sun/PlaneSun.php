<?php

declare(strict_types=1);

namespace Pebblefell\Sun;

/**
 * Tells what a tilted, shaded panel receives in a day.
 *
 * The day's total is spread over its hours by Collares-Pereira & Rabl 1979 (and scaled so that the hours sum to it); the
 * diffuse share of each hour follows Erbs, Klein & Duffie 1982; the tilted plane follows Hay & Davies 1980: the part of the
 * diffuse light that comes from around the sun is treated like direct light, the rest like an even sky.
 */
final readonly class PlaneSun
{
    /** Steps between sunrise and sunset; doubling it moves a winter day's total by less than 0.1 %. */
    private const STEPS = 144;

    /** Lowest cosine of the zenith for the beam ratio: 2° above the horizon, where the ratio would run away. */
    private const LOWEST_COS_ZENITH = 0.035;

    /**
     * @param list<float> $hourlyKwh kWh/m² in each of the 24 hours of solar time
     */
    private function __construct(public float $kwh, public array $hourlyKwh)
    {
    }

    public static function of(GlobalSun $sun, Plane $plane, Shade $shade): self
    {
        $day = $sun->day;
        $ws = $day->sunsetAngleRad;
        $hours = array_fill(0, 24, 0.0);
        if ($sun->mj <= 0.0 || $ws <= 0.0) {
            return new self(0.0, $hours);
        }
        $step = 2 * $ws / self::STEPS;
        $stepH = $step * 12 / M_PI;
        $weights = [];
        for ($i = 0; $i < self::STEPS; ++$i) {
            $weights[$i] = self::hourShare($ws, -$ws + ($i + 0.5) * $step);
        }
        $scale = $sun->kwh() / array_sum($weights);
        $total = 0.0;
        for ($i = 0; $i < self::STEPS; ++$i) {
            $omega = -$ws + ($i + 0.5) * $step;
            $fromH = 12.0 + (-$ws + $i * $step) * 12 / M_PI;
            $kwh = self::onPlane(
                $day,
                $plane,
                $omega,
                $weights[$i] * $scale,
                $stepH,
            ) * $shade->factor(max(0.0, $fromH), min(24.0, $fromH + $stepH));
            $total += $kwh;
            $hours[min(23, max(0, (int) floor($fromH + $stepH / 2)))] += $kwh;
        }

        return new self($total, $hours);
    }

    /**
     * The same light in equal steps of the day, for a simulation.
     *
     * @param int $perDay steps in 24 hours of solar time
     *
     * @return list<float> kWh/m² on the plane in each step
     */
    public static function steps(GlobalSun $sun, Plane $plane, Shade $shade, int $perDay): array
    {
        $day = $sun->day;
        $ws = $day->sunsetAngleRad;
        $steps = array_fill(0, $perDay, 0.0);
        if ($sun->mj <= 0.0 || $ws <= 0.0) {
            return $steps;
        }
        $stepH = 24.0 / $perDay;
        $rise = 12.0 - $ws * 12 / M_PI;
        $set = 24.0 - $rise;
        $last = min($perDay - 1, (int) floor($set / $stepH));
        $weights = [];
        for ($k = (int) floor($rise / $stepH); $k <= $last; ++$k) {
            // A step that the sun does not fill is judged at the middle of its lit part.
            $from = max($rise, $k * $stepH);
            $to = min($set, ($k + 1) * $stepH);
            if ($to > $from) {
                $omega = (($from + $to) / 2 - 12.0) * M_PI / 12;
                $weights[$k] = [$omega, self::hourShare($ws, $omega) * ($to - $from), $from, $to];
            }
        }
        $scale = $sun->kwh() / max(1e-12, array_sum(array_column($weights, 1)));
        foreach ($weights as $k => [$omega, $weight, $from, $to]) {
            $steps[$k] = self::onPlane($day, $plane, $omega, $weight * $scale, $to - $from) * $shade->factor($from, $to);
        }

        return array_values($steps);
    }

    /**
     * The same for light measured hour by hour on the horizontal, as a weather file brings it.
     *
     * @param list<float> $hourlyKwh 24 values, kWh/m² on the horizontal in each hour of the clock
     * @param float       $solarOffsetH solar time − clock time
     *
     * @return list<float> kWh/m² on the plane in each step
     */
    public static function stepsOfHours(
        SolarDay $day,
        array $hourlyKwh,
        Plane $plane,
        Shade $shade,
        int $perDay,
        float $solarOffsetH,
    ): array {
        $stepH = 24.0 / $perDay;
        $steps = [];
        for ($k = 0; $k < $perDay; ++$k) {
            $horizontal = ($hourlyKwh[min(23, (int) floor(($k + 0.5) * $stepH))] ?? 0.0) * $stepH;
            $solarH = fmod(($k + 0.5) * $stepH + $solarOffsetH + 24.0, 24.0);
            $from = max(0.0, $solarH - $stepH / 2);
            $steps[] = $horizontal <= 0.0
                ? 0.0
                : self::onPlane(
                    $day,
                    $plane,
                    ($solarH - 12.0) * M_PI / 12,
                    $horizontal,
                    $stepH,
                ) * $shade->factor($from, min(24.0, $from + $stepH));
        }

        return $steps;
    }

    /** Relative weight of the hour angle ω in the day's total, r_t up to a constant. Collares-Pereira & Rabl 1979. */
    private static function hourShare(float $ws, float $omega): float
    {
        $a = 0.409 + 0.5016 * sin($ws - M_PI / 3);
        $b = 0.6609 - 0.4767 * sin($ws - M_PI / 3);

        return max(0.0, ($a + $b * cos($omega)) * (cos($omega) - cos($ws)));
    }

    /** Diffuse share of an hour by its clearness. Erbs, Klein & Duffie 1982. */
    private static function diffuseShare(float $kt): float
    {
        return match (true) {
            $kt <= 0.22 => 1.0 - 0.09 * $kt,
            $kt <= 0.80 => 0.9511 - 0.1604 * $kt + 4.388 * $kt ** 2 - 16.638 * $kt ** 3 + 12.336 * $kt ** 4,
            default => 0.165,
        };
    }

    /** kWh/m² on the plane in one step of $stepH hours that brings $horizontalKwh on the horizontal. Hay & Davies 1980. */
    private static function onPlane(SolarDay $day, Plane $plane, float $omega, float $horizontalKwh, float $stepH): float
    {
        // Flat, every part of the light counts as on the horizontal.
        if ($horizontalKwh <= 0.0 || $plane->tiltDeg === 0.0) {
            return max(0.0, $horizontalKwh);
        }
        $cosZenith = max(self::LOWEST_COS_ZENITH, $day->cosZenith($omega));
        $outsideKwh = SolarDay::SOLAR_CONSTANT * 60 / 3.6 * $day->distanceFactor * $cosZenith * $stepH;
        $diffuse = $horizontalKwh * self::diffuseShare(min(1.0, $horizontalKwh / $outsideKwh));
        $beam = $horizontalKwh - $diffuse;
        $ratio = $plane->cosIncidence($day, $omega) / $cosZenith;
        $aroundSun = min(1.0, $beam / $outsideKwh);
        $cosTilt = cos(deg2rad($plane->tiltDeg));

        return ($beam + $diffuse * $aroundSun) * $ratio
            + $diffuse * (1.0 - $aroundSun) * (1.0 + $cosTilt) / 2
            + $horizontalKwh * $plane->albedo * (1.0 - $cosTilt) / 2;
    }
}
