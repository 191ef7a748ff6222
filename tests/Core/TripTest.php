<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Inverter\Inverter;
use Pebblefell\Load\Appliance;
use Pebblefell\Load\Budget;
use Pebblefell\Load\LoadSide;
use Pebblefell\Quantity\DayHours;
use Pebblefell\Quantity\HourSpan;
use Pebblefell\Sun\GlobalSun;
use Pebblefell\Sun\Plane;
use Pebblefell\Sun\PlaneSun;
use Pebblefell\Sun\Shade;
use Pebblefell\Sun\SolarDay;
use Pebblefell\Trip\ClearnessSpread;
use Pebblefell\Trip\Contour;
use Pebblefell\Trip\DayLoads;
use Pebblefell\Trip\DaySum;
use Pebblefell\Trip\DriveSource;
use Pebblefell\Trip\EnduranceMap;
use Pebblefell\Trip\Heater;
use Pebblefell\Trip\Kinetic;
use Pebblefell\Trip\LowVoltage;
use Pebblefell\Trip\MainsSource;
use Pebblefell\Trip\Noise;
use Pebblefell\Trip\Outcome;
use Pebblefell\Trip\SolarSource;
use Pebblefell\Trip\Store;
use Pebblefell\Trip\Trip;
use Pebblefell\Trip\TripDay;
use Pebblefell\Trip\Weather;
use Pebblefell\Trip\WeatherDay;
use Pebblefell\Trip\WeatherFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Sample;

/** The simulation: what goes in comes out, is stored or is lost; and it agrees with closed forms and published laws. */
#[Group('sampled')]
final class TripTest extends TestCase
{
    use Says;

    private static function hours(float $from, float $to): DayHours
    {
        return DayHours::of([HourSpan::of($from, $to)]);
    }

    /** A steady DC load, day and night. */
    private static function steady(float $watts, int $perDay = 96): DayLoads
    {
        return DayLoads::of(Budget::of([Appliance::of('load', $watts, self::hours(0, 24))], null, 12.0), $perDay);
    }

    /**
     * @return list<TripDay> all alike
     */
    private static function days(
        int $count,
        float $celsius = 25.0,
        float $clearness = 0.5,
        int $dayOfYear = 172,
        bool $drives = false,
        bool $hookedUp = false,
    ): array {
        return array_fill(0, $count, new TripDay(new WeatherDay($dayOfYear, 6, $clearness, $celsius, $celsius), $drives, $hookedUp));
    }

    /**
     * @param list<float> $values
     */
    private static function highest(array $values): float
    {
        return max([-INF, ...$values]);
    }

    private static function sum(Outcome $o, string $what): float
    {
        return $o->sum(static fn(DaySum $d): float => (float) get_object_vars($d)[$what]);
    }

    /**
     * A trip with every kind of part, chosen by a number.
     *
     * @return array{Trip, list<TripDay>, float}
     */
    private static function mixture(int $seed, float $bank = 1.0, float $array = 1.0): array
    {
        $n = Noise::of($seed);
        $u = static fn(float $a, float $b): float => $a + ($b - $a) * $n->uniform();
        $chemistry = Chemistry::cases()[(int) $u(0, 4.999)];
        $stepMin = [5, 15, 30, 60][(int) $u(0, 3.999)];
        $perDay = intdiv(1440, $stepMin);
        $loads = [];
        for ($i = 0; $i < 4; ++$i) {
            $from = floor($u(0, 22));
            $loads[] = Appliance::of(
                "l$i",
                $u(5, 300),
                self::hours($from, $from + floor($u(1, 23.99 - $from)) + 0.5),
                $i % 2 === 0 ? LoadSide::Dc : LoadSide::Ac,
                1.0,
                $u(20, 100),
            );
        }
        $ah = $u(60, 500);
        // Where banks are compared, the larger one has a heater in proportion, fed by the sources: the same heater would warm it more
        // slowly, and a pad fed by the bank costs a larger bank more. Both are the two ways in which more battery can be shorter.
        $heater = $u(0, 1) < 0.5 ? Heater::of($u(30, 120) * $bank, fromSourcesOnly: $u(0, 1) < 0.5 || $bank !== 1.0) : null;
        $limits = [$u(10, 200), $u(20, 300), $u(0, 1) < 0.7];
        $store = Store::of(
            $chemistry,
            $chemistry->cellsFor(12.0),
            $ah * $bank,
            chargeLimitA: $limits[2] ? $limits[0] * $bank : null,
            dischargeLimitA: $limits[2] ? $limits[1] * $bank : null,
            heater: $heater,
        );
        $watts = $u(0, 900);
        $kinds = [$u(0, 1) < 0.6, $u(10, 60)];
        $trip = Trip::of(
            $store,
            DayLoads::of(Budget::of($loads, Inverter::of($u(80, 95), $u(5, 25), $u(0, 1) < 0.5), 12.0), $perDay),
            $u(-60, 68),
            [
                SolarSource::of($watts * $array, Plane::of($u(0, 60), $u(0, 359)), $kinds[0], $array === 1.0 ? $kinds[1] : null),
                SolarSource::of($watts / 3 * $array),
            ],
            DriveSource::of($u(0, 60), self::hours(9, 9 + ceil($u(0.2, 5)))),
            MainsSource::of($u(500, 3600), $u(10, 100), self::hours(18, 7), $u(80, 95), $u(0, 1) < 0.5),
            MainsSource::of($u(500, 2000), $u(10, 60), self::hours(17, 19)),
            $u(0, 1) < 0.3 ? LowVoltage::of(11.0, 12.4) : null,
            Shade::of([[HourSpan::of(14.0, 20.0), $u(0, 1)]]),
            $stepMin,
        );
        $weather = Weather::ofMeans($trip->latitudeDeg, array_fill(0, 12, $u(0.2, 0.6)), array_fill(0, 12, $u(-15, 15)), $seed);
        $days = array_map(
            static fn(WeatherDay $d): TripDay => new TripDay($d, $n->uniform() < 0.4, $n->uniform() < 0.2, $n->uniform() < 0.1),
            $weather->from((int) $u(1, 365), 25),
        );

        return [$trip, $days, $u(20, 100)];
    }

    /** First law: over random systems, everything that goes in is served, stored or lost, to one part in a million. */
    public function testNoEnergyIsMadeOrLost(): void
    {
        for ($seed = 1; $seed <= 50; ++$seed) {
            [$trip, $days, $soc] = self::mixture($seed);
            $o = $trip->through($days, $soc);
            $turnover = $o->inWh() + self::sum($o, 'servedWh') + 1.0;
            self::assertLessThan(1e-6 * $turnover, abs($o->balanceWh()), "seed $seed");
            // The bank's content, summed step by step, is what its rest curve says between the first and the last charge. The
            // curve is taken at the start of each step, so this closes to the size of a step only.
            $content = 0.0;
            $rest = $trip->store->restVolts();
            [$from, $to] = [$o->socPct[0], $o->socPct[count($o->socPct) - 1]];
            for ($i = 0; $i < 2000; ++$i) {
                $content += $rest[(int) round(
                    10 * ($from + ($to - $from) * ($i + 0.5) / 2000),
                )] * $trip->store->capacityAh * ($to - $from) / 2000 / 100;
            }
            self::assertEqualsWithDelta(
                $content,
                $o->storedWh,
                (0.001 + 0.0001 * $trip->stepMin) * $turnover + 0.02 * $trip->store->capacityAh * $trip->store->nominalV(),
                "seed $seed, " . $trip->stepMin,
            );
            self::assertGreaterThanOrEqual(0.0, $o->lowestSocPct());
            self::assertLessThanOrEqual(100.0 + 1e-9, self::highest($o->socPct));
            foreach ([$o->resistanceWh, $o->chargeLossWh, $o->wellWh, $o->inverterWh] as $loss) {
                self::assertGreaterThanOrEqual(-1e-9, $loss);
            }
        }
    }

    /** More battery, or more array on a regulator that is large enough, never shortens the time until something is not served. */
    public function testMoreIsNeverShorter(): void
    {
        foreach (Sample::some(range(1, 30), 6) as $seed) {
            $last = [-1.0, -1.0];
            foreach ([1.0001, 1.3, 2.0, 4.0] as $factor) {
                foreach ([[$factor, 1.0001], [1.0001, $factor]] as $i => [$bank, $array]) {
                    [$trip, $days] = self::mixture($seed, $bank, $array);
                    $at = $trip->through($days, 100.0)->emptyAtH ?? 1e9;
                    self::assertGreaterThanOrEqual($last[$i] - $trip->stepMin / 60.0, $at, "seed $seed, factor $factor, side $i");
                    $last[$i] = $at;
                }
            }
        }
    }

    /** Peukert 1897: 100 Ah at 20 h, k = 1.2, at 10 A → 8.71 h. The two wells are fitted to that curve, not to this point. */
    public function testALeadBankEmptiesAsPeukertSays(): void
    {
        foreach ([[10.0, 8.71], [5.0, 20.0], [20.0, 3.79]] as [$amps, $hours]) {
            $store = Store::of(Chemistry::Agm, 6, 100.0, 1.0, 1.2, 0.0001);
            $trip = Trip::of($store, self::steady($amps * 12.2, 1440), 50.0, stepMin: 1);
            $o = $trip->through(self::days(2));
            // The load is in watts: its mean current follows from what was served.
            $mean = ($o->socPct[0] - $o->socPct[(int) round($o->emptyAtH * 60)]) / 100 * $store->capacityAh / $o->emptyAtH;
            self::assertEqualsWithDelta($hours * ($amps / $mean) ** 1.2, $o->emptyAtH, 0.04 * $hours, "at $amps A");
        }
        $wells = Kinetic::fittedTo(1.25);
        foreach ([1.0, 2.0, 5.0, 10.0] as $h) {
            self::assertEqualsWithDelta(($h / 20) ** 0.2, $wells->share($h) / $wells->share(20.0), 0.02);
        }
    }

    /** A rested lead battery comes back: the second well refills the first. */
    public function testALeadBankRecoversAtRest(): void
    {
        $burst = DayLoads::of(
            Budget::of([Appliance::of('winch', 700.0, self::hours(0, 1)), Appliance::of('radio', 0.001, self::hours(1, 24))], null, 12.0),
            96,
        );
        $o = Trip::of(Store::of(Chemistry::Flooded, 6, 100.0, 1.0), $burst, 50.0)->through(self::days(1));
        self::assertGreaterThan($o->volts[3] + 0.5, $o->volts[30]);
        self::assertGreaterThan($o->volts[6] + 0.01, $o->volts[30]);
    }

    /** The trade's example: 925 W for 5 h 20 min are about 4.93 kWh. Common practice, no source. */
    public function testTheNineHundredAndTwentyFiveWattExample(): void
    {
        $ah = 4930.0 / 12.8;
        $o = Trip::of(
            Store::of(Chemistry::Lfp, 4, $ah, 1.0, ohm: 0.00001),
            self::steady(925.0, 1440),
            50.0,
            stepMin: 1,
        )->through(self::days(1));
        // At rest an LFP bank holds a little more than its nominal volts.
        self::assertEqualsWithDelta(5.0 + 20.0 / 60.0, $o->emptyAtH ?? 0.0, 0.15);
    }

    public function testTheStepHardlyMatters(): void
    {
        $weather = Weather::ofMeans(60.0, array_fill(0, 12, 0.45), array_fill(0, 12, 8.0));
        $served = [];
        foreach ([1, 5, 15, 60] as $stepMin) {
            $loads = DayLoads::of(
                Budget::of([Appliance::of('a', 60.0, self::hours(7, 23)), Appliance::of('b', 20.0, self::hours(0, 24))], null, 12.0),
                intdiv(1440, $stepMin),
            );
            $o = Trip::of(
                Store::of(Chemistry::Agm, 6, 200.0),
                $loads,
                60.0,
                [SolarSource::of(300.0)],
                stepMin: $stepMin,
            )->through(array_map(static fn(WeatherDay $d): TripDay => new TripDay($d), $weather->from(100, 60)));
            $served[$stepMin] = self::sum($o, 'servedWh');
        }
        self::assertEqualsWithDelta($served[1], $served[5], 0.005 * $served[1]);
        self::assertEqualsWithDelta($served[1], $served[15], 0.01 * $served[1]);
        self::assertEqualsWithDelta($served[1], $served[60], 0.03 * $served[1]);
    }

    public function testColdBlocksTheChargeAndAHeaterOpensIt(): void
    {
        $run = static fn(?Heater $heater, float $celsius, Chemistry $chemistry = Chemistry::Lfp): Outcome => Trip::of(
            Store::of($chemistry, $chemistry->cellsFor(12.0), 100.0, heater: $heater),
            self::steady(1.0),
            50.0,
            [SolarSource::of(200.0)],
        )->through(self::days(3, $celsius), 50.0);
        $cold = $run(null, -8.0);
        self::assertLessThan(50.0, self::highest(array_slice($cold->socPct, 60)));
        self::assertGreaterThan(20.0, self::sum($cold, 'coldBlockedH'));
        $heated = $run(Heater::of(60.0, fromSourcesOnly: true), -8.0);
        self::assertGreaterThan(90.0, self::highest($heated->socPct));
        self::assertGreaterThan(0.0, self::highest($heated->celsius));
        self::assertGreaterThan(50.0, self::sum($heated, 'heaterWh'));
        // The thermostat has hysteresis: it does not run on and on where it is mild.
        self::assertSame(0.0, self::sum($run(Heater::of(60.0), 8.0), 'heaterWh'));
        // Lead is charged in the frost.
        self::assertGreaterThan(90.0, self::highest($run(null, -8.0, Chemistry::Agm)->socPct));
    }

    public function testSourcesAndLimits(): void
    {
        $store = static fn(?float $limit = null): Store => Store::of(Chemistry::Lfp, 4, 200.0, chargeLimitA: $limit);
        $steady = self::steady(10.0);
        // An hour at 30 A is 30 Ah: 15 % of 200 Ah.
        $drive = Trip::of(
            $store(),
            $steady,
            50.0,
            [],
            DriveSource::of(30.0, self::hours(9, 10)),
        )->through(self::days(1, drives: true), 40.0);
        self::assertEqualsWithDelta(15.0, $drive->socPct[40] - $drive->socPct[36], 0.6);
        self::assertSame(
            0.0,
            self::sum(
                Trip::of($store(), $steady, 50.0, [], DriveSource::of(30.0, self::hours(9, 10)))->through(self::days(1), 40.0),
                'alternatorWh',
            ),
        );
        // The bank's own limit comes first.
        $limited = Trip::of(
            $store(10.0),
            $steady,
            50.0,
            [],
            DriveSource::of(30.0, self::hours(9, 10)),
        )->through(self::days(1, drives: true), 40.0);
        self::assertEqualsWithDelta(5.0, $limited->socPct[40] - $limited->socPct[36], 0.3);
        // A regulator of 10 A clips 600 W.
        $clipped = Trip::of($store(), $steady, 50.0, [SolarSource::of(600.0, maxChargeA: 10.0)])->through(self::days(1), 10.0);
        self::assertGreaterThan(500.0, self::sum($clipped, 'clippedWh'));
        self::assertLessThan(10.0 * 14.4 * 17.0, self::sum($clipped, 'solarWh'));
        // PWM holds a panel at battery volts: it brings less than MPPT.
        $pwm = Trip::of($store(), $steady, 50.0, [SolarSource::of(300.0, mppt: false)])->through(self::days(1), 10.0);
        $mppt = Trip::of($store(), $steady, 50.0, [SolarSource::of(300.0)])->through(self::days(1), 10.0);
        self::assertGreaterThan(1.1 * self::sum($pwm, 'solarWh'), self::sum($mppt, 'solarWh'));
        // Mains: outlets first, the charger with what is left; a top-up from the bank where the input is too small.
        $kettle = DayLoads::of(
            Budget::of([Appliance::of('kettle', 2000.0, self::hours(12, 13), LoadSide::Ac)], Inverter::of(90.0, 0.0, false), 12.0),
            96,
        );
        $post = static fn(float $inputW, bool $supports): Outcome => Trip::of(
            $store(),
            $kettle,
            50.0,
            [],
            null,
            MainsSource::of($inputW, 40.0, self::hours(0, 24), 90.0, $supports),
        )->through(self::days(1, hookedUp: true), 80.0);
        self::assertEqualsWithDelta(2000.0, $post(2300.0, false)->acDirectWh, 1e-6);
        self::assertEqualsWithDelta(500.0, self::sum($post(1500.0, false), 'unservedWh'), 1e-6);
        $helped = $post(1500.0, true);
        self::assertEqualsWithDelta(0.0, self::sum($helped, 'unservedWh'), 1e-6);
        self::assertEqualsWithDelta(500.0 / 0.9, self::sum($helped, 'servedWh'), 1e-6);
    }

    public function testALowVoltageDisconnectCutsAndComesBack(): void
    {
        $loads = self::steady(40.0);
        $o = Trip::of(
            Store::of(Chemistry::Agm, 6, 60.0, 0.95),
            $loads,
            50.0,
            [SolarSource::of(250.0)],
            lowVoltage: LowVoltage::of(12.3, 12.8),
        )->through(self::days(4), 60.0);
        self::assertNotNull($o->emptyAtH);
        self::assertGreaterThan(40.0, $o->lowestSocPct());
        self::assertGreaterThan(0.0, self::sum($o, 'unservedWh'));
        self::assertGreaterThan(0.3 * 40 * 96, self::sum($o, 'servedWh'));
        $this->expectExceptionObject(InvalidValue::at('/reconnect_v', 'reconnect'));
        LowVoltage::of(12.0, 11.9);
    }

    /** References: Bendt, Collares-Pereira & Rabl 1981 for the spread; Graham, Hollands & Puget 1988 for φ = 0.3 (from memory). */
    public function testTheWeatherKeepsItsMonthsAndItsMemory(): void
    {
        $means = [0.30, 0.36, 0.42, 0.46, 0.48, 0.46, 0.43, 0.43, 0.40, 0.35, 0.30, 0.27];
        $weather = Weather::ofMeans(63.1, $means, array_fill(0, 12, 2.0));
        self::assertEquals($weather, Weather::ofMeans(63.1, $means, array_fill(0, 12, 2.0)));
        self::assertNotEquals($weather, Weather::ofMeans(63.1, $means, array_fill(0, 12, 2.0), 2));
        self::assertCount(365, $weather->year);
        foreach (range(1, 12) as $month) {
            $days = $weather->ofMonth($month, Weather::MONTH_DAYS[$month - 1]);
            $clear = array_map(static fn(WeatherDay $d): float => $d->clearness, $days);
            self::assertEqualsWithDelta($means[$month - 1], array_sum($clear) / count($clear), 0.012);
            self::assertGreaterThan(
                0.25,
                self::highest($clear) + self::highest(array_map(static fn(float $k): float => -$k, $clear)),
                'good and bad days',
            );
        }
        $pairs = [];
        foreach ([1, 2, 3, 4, 5, 6, 7, 8] as $seed) {
            $year = Weather::ofMeans(50.0, array_fill(0, 12, 0.45), array_fill(0, 12, 2.0), $seed)->year;
            for ($i = 1; $i < 365; ++$i) {
                $pairs[] = [$year[$i - 1]->clearness, $year[$i]->clearness];
            }
        }
        $mean = array_sum(array_column($pairs, 0)) / count($pairs);
        $cov = array_sum(array_map(static fn(array $p): float => ($p[0] - $mean) * ($p[1] - $mean), $pairs));
        $var = array_sum(array_map(static fn(array $p): float => ($p[0] - $mean) ** 2, $pairs));
        self::assertEqualsWithDelta(0.28, $cov / $var, 0.06);
        foreach ([0.1, 0.3, 0.5, 0.65] as $k) {
            $spread = ClearnessSpread::about($k);
            $sum = 0.0;
            for ($i = 0; $i < 4000; ++$i) {
                $sum += $spread->at(($i + 0.5) / 4000);
            }
            self::assertEqualsWithDelta($k, $sum / 4000, 0.001);
        }
        self::assertEqualsWithDelta(0.9750021, Noise::below(1.96), 1e-5);
    }

    /** The day's light cut into steps is the day's light, and hour-by-hour data lands on the same plane. */
    public function testStepsSumToTheDay(): void
    {
        foreach ([[0.0, 80], [35.0, 172], [-42.0, 300], [63.1, 20], [68.0, 172], [80.0, 172]] as [$latitude, $day]) {
            $sun = GlobalSun::fromClearness(SolarDay::at($latitude, $day), 0.5);
            foreach ([Plane::of(), Plane::of(30.0)] as $plane) {
                $whole = PlaneSun::of($sun, $plane, Shade::none())->kwh;
                self::assertEqualsWithDelta(
                    $whole,
                    array_sum(PlaneSun::steps($sun, $plane, Shade::none(), 96)),
                    0.03 * $whole + 0.01,
                    "at $latitude",
                );
            }
            self::assertEqualsWithDelta($sun->kwh(), array_sum(PlaneSun::steps($sun, Plane::of(), Shade::none(), 96)), 1e-9);
            $hourly = PlaneSun::steps($sun, Plane::of(), Shade::none(), 24);
            self::assertEqualsWithDelta(
                $sun->kwh(),
                array_sum(PlaneSun::stepsOfHours(SolarDay::at($latitude, $day), $hourly, Plane::of(), Shade::none(), 48, 0.0)),
                1e-9,
            );
        }
        $north = PlaneSun::steps(GlobalSun::fromClearness(SolarDay::at(63.1, 355), 0.3), Plane::of(), Shade::none(), 96);
        self::assertLessThan(24, count(array_filter($north)), 'five hours of day in December');
    }

    /** A weather file that we write ourselves, in the form of the EPW data dictionary (field numbers from memory). */
    public function testAWeatherFileIsReadHourByHour(): void
    {
        $head = [
            'LOCATION,Skerry Test,-,-,TEST,000000,60.0,8.0,1.0,5.0', 'DESIGN CONDITIONS,0', 'TYPICAL/EXTREME PERIODS,0',
            'GROUND TEMPERATURES,0', 'HOLIDAYS/DAYLIGHT SAVINGS,No,0,0,0', 'COMMENTS 1,-', 'COMMENTS 2,-',
            'DATA PERIODS,1,1,Data,Sunday,1/1,12/31',
        ];
        $lines = [];
        foreach (Weather::MONTH_DAYS as $m => $count) {
            for ($d = 1; $d <= $count; ++$d) {
                for ($h = 1; $h <= 24; ++$h) {
                    $lines[] = implode(
                        ',',
                        [2020, $m + 1, $d, $h, 60, '?9?9', -5.0 + $m, 0, 80, 101000, 0, 0, 300, $h > 9 && $h <= 15 ? 200 : 0, 0, 0],
                    );
                }
            }
        }
        $file = WeatherFile::read(implode("\r\n", [...$head, ...$lines]));
        self::assertSame('Skerry Test', $file->place);
        self::assertSame(60.0, $file->weather->latitudeDeg);
        self::assertSame(6, $file->weather->year[180]->month);
        $light = $file->weather->year[172]->light(60.0, Plane::of(), Shade::none(), 96);
        self::assertEqualsWithDelta(1.2, array_sum($light), 1e-9);
        self::assertSame(0.0, $light[30]);
        self::assertSame(-5.0, $file->weather->year[0]->celsius(24)[3]);
        self::assertSame([-5.0, 6.0], [$file->coldestC(), $file->minC()[11]]);
        // 1.2 kWh a day against what stands outside the atmosphere there in June.
        self::assertEqualsWithDelta(1.2 * 3.6 / SolarDay::at(60.0, 166)->extraterrestrialMj(), $file->clearness()[5], 0.002);
        foreach ([
            'not EPW' => ['hello', 'LOCATION'],
            'too short' => [implode("\n", [...$head, ...array_slice($lines, 0, 100)]), 'has 100 hours'],
            'a hole' => [
                implode("\n", [...$head, ...array_replace($lines, [40 => str_replace(',0,0,300,', ',0,0,300,9999,', $lines[40])])]),
                'line 49',
            ],
        ] as $what => [$text, $says]) {
            try {
                WeatherFile::read($text);
                self::fail("$what was taken");
            } catch (InvalidValue $e) {
                self::assertSame('/epw', $e->path);
                self::assertStringContainsString($says, self::said($e));
            }
        }
    }

    /**
     * A typical year as the published files hold it: months of different years, an uncertainty flag with ? and *, all 35 fields with the
     * dictionary's own codes for what is missing, and a data period that says so (EnergyPlus weather file data dictionary; from memory).
     */
    public function testATypicalYearInTheFormOfThePublishedFiles(): void
    {
        $head = [
            'LOCATION,Harbour Intl Ap,XX,AAA,TMY3,725300,41.98,-87.92,-6.0,201.0',
            'DESIGN CONDITIONS,1,Climate Design Data 2009 ASHRAE Handbook,,Heating,1,-20,-16.6,-25.7,0.4,-18.8,Cooling,7,9.8,33.3,23.7,Extremes,11.4,9.8,8.6,31.2,-24.9',
            'TYPICAL/EXTREME PERIODS,1,Summer - Week Nearest Max Temperature For Period,Extreme,7/13,7/19',
            'GROUND TEMPERATURES,1,.5,,,,-1.89,-3.06,-0.99,2.23,10.68,17.20,21.60,22.94,20.66,15.60,8.83,2.56',
            'HOLIDAYS/DAYLIGHT SAVINGS,No,0,0,0', 'COMMENTS 1,"Custom/User Format, with a comma"', 'COMMENTS 2, -- Ground temps',
            'DATA PERIODS,1,1,Data,Sunday, 1/ 1,12/31',
        ];
        $flags = '?9?9?9?9E0?9?9?9?9?9?9?9?9?9?9?9?9?9?9?9*9*9?9?9?9';
        $years = [1986, 1979, 1988, 1990, 1994, 1991, 2002, 1998, 1983, 1990, 2004, 1980];
        $lines = [];
        foreach (Weather::MONTH_DAYS as $m => $count) {
            for ($d = 1; $d <= $count; ++$d) {
                for ($h = 1; $h <= 24; ++$h) {
                    $sun = max(0, (int) round(600 * sin(M_PI * ($h - 6) / 12)));
                    $lines[] = "$years[$m]," . ($m + 1) . ",$d,$h,0,$flags," . sprintf('%.1f', -12.2 + 2 * $m)
                        . ",-16.1,73,99500,0,1415,167,$sun,0,0,999900,999900,999900,9999,270,5.2,10,10,9999,99999,9,999999999,0,0.0000,0,88,999.000,999.0,99.0";
                }
            }
        }
        $file = WeatherFile::read(implode("\r\n", [...$head, ...$lines]) . "\r\n");
        self::assertSame('Harbour Intl Ap', $file->place);
        self::assertSame([41.98, 365], [$file->weather->latitudeDeg, count($file->weather->year)]);
        self::assertEqualsWithDelta([-12.2, 9.8], [$file->minC()[0], $file->minC()[11]], 1e-9);
        // A half sine of 600 W/m² over twelve hours, in whole hours: close to 600 × 24 / π Wh/m².
        self::assertEqualsWithDelta(
            0.6 * 24.0 / M_PI,
            array_sum($file->weather->year[100]->light(41.98, Plane::of(), Shade::none(), 24)),
            0.05,
        );
    }

    /**
     * @return iterable<string, array{Chemistry, int}>
     */
    public static function months(): iterable
    {
        foreach ([Chemistry::Lfp, Chemistry::Agm] as $chemistry) {
            foreach ([3, 6, 9] as $month) {
                yield $chemistry->value . " in month $month" => [$chemistry, $month];
            }
        }
    }

    /** The map's short cut against the whole simulation, at nine points each. */
    #[DataProvider('months')]
    public function testTheMapAgreesWithTheSimulationAndClimbsBothWays(Chemistry $chemistry, int $month): void
    {
        $budget = Budget::of(
            [
                Appliance::of('fridge', 45.0, self::hours(0, 24), LoadSide::Dc, 1.0, 32.0),
                Appliance::of('light', 36.0, self::hours(15, 21)), Appliance::of('desk', 65.0, self::hours(9, 17), LoadSide::Ac),
            ],
            Inverter::of(90.0, 12.0, false),
            12.0,
        );
        $weather = Weather::ofMeans(63.1, array_fill(0, 12, 0.44), array_fill(0, 12, 6.0));
        $days = array_map(static fn(WeatherDay $d): TripDay => new TripDay($d), $weather->ofMonth($month, EnduranceMap::MOST_DAYS));
        foreach ([100.0, 200.0, 400.0] as $ah) {
            foreach ([100.0, 250.0, 400.0] as $watts) {
                $trip = Trip::of(
                    Store::of($chemistry, $chemistry->cellsFor(12.0), $ah),
                    DayLoads::of($budget, 96),
                    63.1,
                    [SolarSource::of($watts)],
                );
                $simulated = ($trip->through($days)->emptyAtH ?? 60.0 * 24.0) / 24.0;
                self::assertSame($simulated, $trip->untilEmpty($days) ?? 60.0, 'and it is not played any further than it has to');
                $mapped = EnduranceMap::of($trip, $days, 0.5)->daysUntilEmpty([$ah], [$watts])[0][0];
                // Beyond a week one bad day decides.
                if (min($simulated, $mapped) < 8.0) {
                    self::assertEqualsWithDelta($simulated, $mapped, 0.35 + 0.15 * $simulated, "$ah Ah, $watts W");
                }
            }
        }
        $map = EnduranceMap::of(
            Trip::of(Store::of($chemistry, $chemistry->cellsFor(12.0), 100.0), DayLoads::of($budget, 96), 63.1, [SolarSource::of(100.0)]),
            $days,
            0.5,
        );
        [$banks, $arrays] = [array_map(floatval(...), range(20, 600, 20)), array_map(floatval(...), range(0, 900, 50))];
        foreach ([$map->daysUntilEmpty($banks, $arrays), $map->servedPct($banks, $arrays)] as $values) {
            foreach ($values as $y => $row) {
                foreach ($row as $x => $value) {
                    self::assertGreaterThanOrEqual($values[$y][max(0, $x - 1)] - 1e-9, $value);
                    self::assertGreaterThanOrEqual($values[max(0, $y - 1)][$x] - 1e-9, $value);
                }
            }
        }
    }

    public function testAContourOfAPlaneIsStraight(): void
    {
        $values = array_map(static fn(int $y): array => array_map(static fn(int $x): float => $x + 2.0 * $y, range(0, 9)), range(0, 9));
        $pieces = Contour::of($values, 7.25);
        self::assertGreaterThan(5, count($pieces));
        foreach ($pieces as [$x1, $y1, $x2, $y2]) {
            self::assertEqualsWithDelta(7.25, $x1 + 2 * $y1, 1e-9);
            self::assertEqualsWithDelta(7.25, $x2 + 2 * $y2, 1e-9);
        }
        self::assertSame([], Contour::of($values, 99.0));
    }

    /** The server runs with the tracing JIT: it must not change an answer. */
    public function testTheJustInTimeCompilerChangesNothing(): void
    {
        $code = 'require "vendor/autoload.php"; require "tests/Core/TripTest.php"; foreach (range(1, 12) as $seed) { [$t, $d, $s] = (new ReflectionMethod(Tests\Core\TripTest::class, "mixture"))->invoke(null, $seed); $o = $t->through($d, $s); echo hash("xxh128", serialize([$o->socPct, $o->days, $o->balanceWh()])), "\n"; }';
        $run = static function (string ...$flags) use ($code): string {
            $process = new Process([PHP_BINARY, '-d', 'opcache.enable_cli=1', ...$flags, '-r', $code], dirname(__DIR__, 2));
            $process->mustRun();

            return $process->getOutput();
        };
        $plain = $run('-d', 'opcache.jit=disable');
        self::assertSame(12, substr_count($plain, "\n"));
        self::assertSame($plain, $run('-d', 'opcache.jit_buffer_size=64M', '-d', 'opcache.jit=tracing'));
    }
}
