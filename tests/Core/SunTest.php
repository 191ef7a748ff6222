<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\HourSpan;
use Pebblefell\Sun\GlobalSun;
use Pebblefell\Sun\Plane;
use Pebblefell\Sun\PlaneSun;
use Pebblefell\Sun\Shade;
use Pebblefell\Sun\SolarDay;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The sun against published examples, two astronomy libraries and PHP's own almanac. */
final class SunTest extends TestCase
{
    /** FAO-56 examples 8 and 9: 20° S, 3 September (values from memory). */
    public function testExtraterrestrialRadiationOfFao56Example8(): void
    {
        $day = SolarDay::at(-20, 246);
        self::assertEqualsWithDelta(32.2, $day->extraterrestrialMj(), 0.05);
        self::assertEqualsWithDelta(0.120, $day->declinationRad, 0.0005);
        self::assertEqualsWithDelta(11.7, $day->lengthH(), 0.05);
    }

    /** FAO-56 example 10: Rio de Janeiro, 22.9° S, May, 7.1 h of sunshine (values from memory). */
    public function testSolarRadiationOfFao56Example10(): void
    {
        $day = SolarDay::ofMonth(-22.9, 5);
        self::assertEqualsWithDelta(25.1, $day->extraterrestrialMj(), 0.1);
        self::assertEqualsWithDelta(10.9, $day->lengthH(), 0.05);
        self::assertEqualsWithDelta(14.5, GlobalSun::fromSunshine($day, 7.1)->mj, 0.05);
    }

    /** Duffie & Beckman example 1.10.1: 43° N, 15 April, H0 33.8 MJ/m², declination 9.4° (from memory). */
    public function testDailyExtraterrestrialOfDuffieAndBeckman(): void
    {
        $day = SolarDay::at(43, 105);
        self::assertEqualsWithDelta(9.4, rad2deg($day->declinationRad), 0.25);
        self::assertEqualsWithDelta(33.8, $day->extraterrestrialMj(), 0.15);
    }

    /** Duffie & Beckman example 1.6.1: 43° N, 13 February, 10:30, slope 45°, 15° west of south: incidence 35° (from memory). */
    public function testIncidenceOfDuffieAndBeckman(): void
    {
        $cos = Plane::of(45, 195)->cosIncidence(SolarDay::at(43, 44), deg2rad(-22.5));
        self::assertEqualsWithDelta(35.0, rad2deg(acos($cos)), 0.5);
    }

    /**
     * npm astronomy-engine and suncalc, asked in this run: several latitudes and days. The bounds are what FAO-56 equation 24, one
     * sine for the year, can do: its declination is off by up to 0.8° about the equinoxes.
     */
    public function testPositionAndDayLengthAgainstAstronomyLibraries(): void
    {
        $cases = [];
        foreach ([-45.0, -20.0, 0.0, 35.0, 52.0, 63.0] as $latitude) {
            foreach (['2025-01-15', '2025-03-20', '2025-06-21', '2025-09-03', '2025-11-25'] as $date) {
                $cases[] = ['latitude' => $latitude, 'date' => $date];
            }
        }
        $process = new Process(
            ['node', dirname(__DIR__) . '/outside/sun.js'],
            dirname(__DIR__, 2),
            null,
            (string) json_encode($cases),
        );
        $process->mustRun();
        foreach (json_decode($process->getOutput(), true) as $i => $sky) {
            $day = SolarDay::at($cases[$i]['latitude'], 1 + (int) date('z', (int) strtotime($cases[$i]['date'])));
            $which = json_encode($cases[$i]);
            self::assertEqualsWithDelta($sky['declination_deg'], rad2deg($day->declinationRad), 0.85, "declination $which");
            self::assertEqualsWithDelta($sky['day_length_h'], $day->lengthH(), 0.25, "day length $which");
            foreach ($sky['hours'] as $hour) {
                $altitude = 90 - rad2deg(acos($day->cosZenith($hour['hour_angle_rad'])));
                self::assertEqualsWithDelta($hour['altitude_deg'], $altitude, 0.9, "altitude $which");
                self::assertEqualsWithDelta(
                    $hour['suncalc_altitude_deg'],
                    $altitude,
                    1.5,
                    "altitude by the second library, refraction in, $which",
                );
            }
        }
    }

    /** PHP's own date_sun_info, which counts from the upper limb with refraction: the sun's centre at −50 minutes of arc. */
    public function testDayLengthAgainstPhpsAlmanac(): void
    {
        foreach ([[-33.0, '2026-04-10'], [48.0, '2026-08-02'], [63.0, '2026-02-14'], [63.0, '2026-10-15']] as [$latitude, $date]) {
            $info = date_sun_info((int) strtotime("$date 12:00 UTC"), $latitude, 0.0);
            $day = SolarDay::at($latitude, 1 + (int) date('z', (int) strtotime($date)));
            $cos = (sin(deg2rad(-50 / 60)) - sin($day->latitudeRad) * sin($day->declinationRad)) / (cos($day->latitudeRad) * cos($day->declinationRad));
            self::assertEqualsWithDelta(
                ((int) $info['sunset'] - (int) $info['sunrise']) / 3600,
                24 / M_PI * acos($cos),
                0.4,
                "$latitude on $date",
            );
        }
    }

    public function testPolarNightAndMidnightSun(): void
    {
        self::assertSame([0.0, 0.0], [SolarDay::at(75, 355)->lengthH(), SolarDay::at(75, 355)->extraterrestrialMj()]);
        self::assertEqualsWithDelta(24.0, SolarDay::at(75, 172)->lengthH(), 1e-9);
        self::assertSame(
            0.0,
            PlaneSun::of(GlobalSun::fromClearness(SolarDay::at(75, 355), 0.5), Plane::of(45), Shade::none())->kwh,
        );
        self::assertGreaterThan(
            0.0,
            PlaneSun::of(GlobalSun::fromClearness(SolarDay::at(90, 172), 0.5), Plane::of(30), Shade::none())->kwh,
        );
    }

    public function testAFlatPanelGetsTheHorizontalAndTheHoursSumToTheDay(): void
    {
        foreach ([-50.0, 0.0, 42.0, 63.1] as $latitude) {
            foreach ([1, 4, 7, 11] as $month) {
                $sun = GlobalSun::fromClearness(SolarDay::ofMonth($latitude, $month), 0.45);
                $flat = PlaneSun::of($sun, Plane::of(0), Shade::none());
                self::assertEqualsWithDelta($sun->kwh(), $flat->kwh, 1e-9);
                self::assertEqualsWithDelta($flat->kwh, array_sum($flat->hourlyKwh), 1e-9);
            }
        }
    }

    public function testTiltHelpsInWinterShadeTakesItsHoursAndEastWestMirror(): void
    {
        $october = GlobalSun::fromClearness(SolarDay::ofMonth(63.1, 10), 0.4);
        $on = static fn(Plane $plane, ?Shade $shade = null): float => PlaneSun::of($october, $plane, $shade ?? Shade::none())->kwh;
        self::assertGreaterThan(1.3 * $on(Plane::of(0)), $on(Plane::of(45)));
        self::assertLessThan($on(Plane::of(0)), $on(Plane::of(45, 0)));
        self::assertEqualsWithDelta($on(Plane::of(30, 90)), $on(Plane::of(30, 270)), 1e-9);
        self::assertEqualsWithDelta($on(Plane::of(45)) / 2, $on(Plane::of(45), Shade::of([[HourSpan::of(0, 12), 0.0]])), 1e-6);
        self::assertEqualsWithDelta(
            0.25 * $on(Plane::of(0)),
            $on(Plane::of(0), Shade::of([[HourSpan::of(0, 24), 0.5], [HourSpan::of(20, 19), 0.5]])),
            0.01,
        );
        // Never more than a plane that follows a clear sky could get, never less than nothing.
        self::assertLessThan(12.0, $on(Plane::of(90)));
        self::assertSame(0.0, $on(Plane::of(0), Shade::of([[HourSpan::of(0, 24), 0.0]])));
    }

    /**
     * Light that was measured hour by hour lies on a plane as it comes: flat, it is what was measured; a plane to the east has in the morning
     * what one to the west has in the afternoon, about solar noon, wherever the clock has it.
     */
    public function testMeasuredHoursLieOnAPlaneAboutSolarNoon(): void
    {
        $day = SolarDay::ofMonth(45.0, 3);
        // As much before solar noon as after it, where the clock is one hour behind the sun.
        $hours = static fn(int $noon): array => array_map(static fn(int $h): float => max(0.0, 0.6 - 0.1 * abs($h + 0.5 - $noon)), range(0, 23));
        foreach ([[12, 0.0], [11, 1.0], [13, -1.0]] as [$noon, $offset]) {
            $on = static fn(Plane $plane, ?Shade $shade = null, int $perDay = 24): array => PlaneSun::stepsOfHours(
                $day,
                $hours($noon),
                $plane,
                $shade ?? Shade::none(),
                $perDay,
                $offset,
            );
            self::assertEqualsWithDelta($hours($noon), $on(Plane::of(0)), 1e-9);
            self::assertEqualsWithDelta(array_sum($hours($noon)), array_sum($on(Plane::of(0), null, 96)), 1e-9, 'quarters of an hour');
            [$east, $west] = [$on(Plane::of(40, 90)), $on(Plane::of(40, 270))];
            for ($k = 0; $k < 6; ++$k) {
                self::assertEqualsWithDelta($east[$noon - 1 - $k], $west[$noon + $k], 1e-9, "$noon: $k hours from noon");
                self::assertTrue($k === 0 || $east[$noon - 1 - $k] === 0.0 || $east[$noon - 1 - $k] > $east[$noon + $k]);
            }
            // What shades the morning, by the sun's time, takes the morning.
            $shaded = $on(Plane::of(0), Shade::of([[HourSpan::of(0, 12), 0.0]]));
            self::assertSame(0.0, array_sum(array_slice($shaded, 0, $noon)));
            self::assertEqualsWithDelta(array_sum($hours($noon)) / 2.0, array_sum($shaded), 1e-9);
        }
    }

    public function testBadValuesAreRefusedWithTheirPath(): void
    {
        foreach ([
            '/latitude_deg' => static fn() => SolarDay::at(91, 1),
            '/day_of_year' => static fn() => SolarDay::at(0, 367),
            '/sunshine_h' => static fn() => GlobalSun::fromSunshine(SolarDay::ofMonth(63, 12), 7),
            '/clearness' => static fn() => GlobalSun::fromClearness(SolarDay::ofMonth(63, 12), 1.1),
            '/tilt_deg' => static fn() => Plane::of(120),
            '/shade/0/factor' => static fn() => Shade::of([[HourSpan::of(1, 2), 1.5]]),
        ] as $path => $try) {
            try {
                $try();
                self::fail("$path was taken");
            } catch (InvalidValue $e) {
                self::assertSame($path, $e->path);
            }
        }
    }
}
