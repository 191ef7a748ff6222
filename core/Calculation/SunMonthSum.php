<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\HourSpan;
use Pebblefell\Sun\GlobalSun;
use Pebblefell\Sun\Plane;
use Pebblefell\Sun\PlaneSun;
use Pebblefell\Sun\Shade;
use Pebblefell\Sun\SolarDay;

/** `sun-month`: kWh/m² on a mean day of a month, on the horizontal and on a tilted, shaded plane. */
final class SunMonthSum implements Calculation
{
    public static function schema(): array
    {
        return Schema::object(
            ['latitude_deg' => Schema::between(-90, 90), 'month' => Schema::whole(1, 12)],
            [
                'sunshine_h' => Schema::between(0, 24),
                'clearness' => Schema::between(0, 1),
                'tilt_deg' => Schema::between(0, 90, 0),
                'azimuth_deg' => Schema::between(0, 360, 180),
                'albedo' => Schema::between(0, 1, 0.2),
                'shade' => Schema::listOf(Schema::object([
                    'from_h' => Schema::between(0, 24),
                    'to_h' => Schema::between(0, 24),
                    'factor' => Schema::between(0, 1),
                ])),
            ],
        );
    }

    public static function run(array $in): array
    {
        [$sun, $plane] = self::sunAndPlane($in);

        return ['global_horizontal_kwh_m2' => $sun->kwh(), 'plane_kwh_m2' => $plane->kwh];
    }

    /**
     * @param array<string, mixed> $in
     *
     * @return array{GlobalSun, PlaneSun}
     */
    public static function sunAndPlane(array $in): array
    {
        $day = SolarDay::ofMonth($in['latitude_deg'], $in['month']);
        $sun = match (true) {
            isset($in['sunshine_h'], $in['clearness']) => throw InvalidValue::at('/clearness', 'sunshine-or-clearness'),
            isset($in['sunshine_h']) => GlobalSun::fromSunshine($day, $in['sunshine_h']),
            isset($in['clearness']) => GlobalSun::fromClearness($day, $in['clearness']),
            default => throw InvalidValue::at('/sunshine_h', 'or-clearness'),
        };

        return [$sun, PlaneSun::of($sun, Plane::of($in['tilt_deg'], $in['azimuth_deg'], $in['albedo']), self::shade($in, ''))];
    }

    /**
     * @param array<string, mixed> $in with shade, or without any
     */
    public static function shade(array $in, string $path): Shade
    {
        $spans = [];
        foreach ($in['shade'] ?? [] as $i => $span) {
            $spans[] = [self::span($span, "$path/shade/$i"), (float) $span['factor']];
        }

        return Shade::of($spans);
    }

    /**
     * @param array{from_h: float|int, to_h: float|int} $span
     */
    public static function span(array $span, string $path): HourSpan
    {
        try {
            return HourSpan::of((float) $span['from_h'], (float) $span['to_h']);
        } catch (InvalidValue $e) {
            throw $e->under($path);
        }
    }
}
