<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Load\Appliance;
use Pebblefell\Load\Budget;
use Pebblefell\Quantity\DayHours;
use Pebblefell\Quantity\HourSpan;
use Pebblefell\Sun\GlobalSun;
use Pebblefell\Sun\Plane;
use Pebblefell\Sun\PlaneSun;
use Pebblefell\Sun\Shade;
use Pebblefell\Sun\SolarDay;
use Pebblefell\Trip\DayLoads;
use Pebblefell\Trip\DaySum;
use Pebblefell\Trip\Floors;
use Pebblefell\Trip\Heater;
use Pebblefell\Trip\MainsSource;
use Pebblefell\Trip\Outcome;
use Pebblefell\Trip\SolarSource;
use Pebblefell\Trip\Store;
use Pebblefell\Trip\Trip;
use Pebblefell\Trip\TripDay;
use Pebblefell\Trip\WeatherDay;
use PHPUnit\Framework\TestCase;

/** Each part of the simulation by itself, against the closed form of what it does. */
final class TripFormsTest extends TestCase
{
    private static function loads(float $watts, int $stepMin): DayLoads
    {
        $steady = Appliance::of('load', $watts, DayHours::of([HourSpan::of(0, 24)]));

        return DayLoads::of(Budget::of([$steady], null, 12.0), intdiv(1440, $stepMin));
    }

    private static function day(float $celsius, bool $hookedUp = false, bool $livedIn = true, float $clearness = 0.5): TripDay
    {
        return new TripDay(new WeatherDay(172, 6, $clearness, $celsius, $celsius), false, $hookedUp, false, $livedIn);
    }

    /**
     * @param list<TripDay>     $days
     * @param list<SolarSource> $arrays
     */
    private static function trip(
        Store $store,
        float $watts,
        array $days,
        float $socPct = 100.0,
        int $stepMin = 15,
        array $arrays = [],
        ?MainsSource $shore = null,
    ): Outcome {
        return Trip::of($store, self::loads($watts, $stepMin), 50.0, $arrays, null, $shore, stepMin: $stepMin)->through($days, $socPct);
    }

    private static function sum(Outcome $o, string $what): float
    {
        return $o->sum(static fn(DaySum $d): float => (float) get_object_vars($d)[$what]);
    }

    /** Common practice: 4 % a month for lead, 2 % for LFP, by standing; both wells of a lead bank lose their share. */
    public function testABankThatStandsLosesItsCharge(): void
    {
        foreach ([[Chemistry::Lfp, 0.02], [Chemistry::Agm, 0.04], [Chemistry::Flooded, 0.04]] as [$chemistry, $share]) {
            $stood = self::trip(
                Store::of($chemistry, $chemistry->cellsFor(12.0), 100.0),
                100.0,
                array_fill(0, 60, self::day(20.0, livedIn: false)),
            );
            self::assertEqualsWithDelta(100.0 * exp(-2.0 * $share), $stood->socPct[60 * 96], 0.01, $chemistry->value);
            self::assertNull($stood->emptyAtH);
            self::assertSame(0.0, self::sum($stood, 'servedWh'));
            self::assertEqualsWithDelta(-$stood->storedWh, $stood->chargeLossWh, 1e-6, 'all of it is lost');
        }
    }

    /** A bay follows the temperature around it as e^(−t/8 h); warmth made in it holds it P ÷ (m·c ÷ 8 h) above. */
    public function testABayFollowsTheTemperatureAroundIt(): void
    {
        $store = static fn(?Heater $heater = null): Store => Store::of(Chemistry::Lfp, 4, 3000.0, massKg: 14.4, heater: $heater);
        $cooled = self::trip($store(), 0.001, [self::day(20.0), self::day(-10.0), self::day(-10.0)]);
        foreach ([4, 8, 24, 40] as $h) {
            self::assertEqualsWithDelta(-10.0 + 30.0 * exp(-$h / 8.0), $cooled->celsius[96 + 4 * $h - 1], 1e-6, "$h h");
        }
        // 14.4 kg of 1000 J/kg·K over 8 h: 0.5 W a kelvin. Three watts warm it by six.
        $weak = self::trip($store(Heater::of(3.0, onC: 5.0, offC: 10.0)), 0.001, array_fill(0, 8, self::day(-10.0)), 100.0);
        self::assertEqualsWithDelta(-4.0, $weak->celsius[8 * 96 - 1], 0.01);
        self::assertEqualsWithDelta(3.0 * 24.0, $weak->days[7]->heaterWh, 1e-6, 'it never gets warm enough to stop');
        // A strong one goes on and off between its two points, and puts in what is lost.
        $strong = self::trip($store(Heater::of(40.0, onC: 5.0, offC: 10.0)), 0.001, array_fill(0, 6, self::day(-10.0)), 100.0, 5);
        $last = array_slice($strong->celsius, 3 * 288);
        self::assertGreaterThan(4.0, min([99.0, ...$last]));
        self::assertLessThan(11.5, max([-99.0, ...$last]));
        $lost = 0.5 * array_sum(array_map(static fn(float $c): float => $c + 10.0, $last)) * $strong->stepH;
        self::assertEqualsWithDelta($lost, array_sum(array_map(static fn(DaySum $d): float => $d->heaterWh, array_slice($strong->days, 3))), 0.05 * $lost);
    }

    /** Watts at the terminals: I = (E − √(E² − 4RP)) ÷ 2R out of the bank, and I²R is warmth. In the cold R grows. */
    public function testWattsAreDrawnOverTheResistance(): void
    {
        foreach ([[25.0, 1.0], [0.0, exp(25.0 * Chemistry::Lfp->resistanceGrowthPerC())]] as [$celsius, $times]) {
            $store = Store::of(Chemistry::Lfp, 4, 10_000.0, ohm: 0.02);
            $out = self::trip($store, 600.0, [self::day($celsius)], 60.0, 1);
            $emf = 4.0 * Chemistry::Lfp->restCurve()->volts(60.0);
            $ohm = 0.02 * $times;
            $amps = ($emf - sqrt($emf ** 2 - 4.0 * $ohm * 600.0)) / (2.0 * $ohm);
            self::assertEqualsWithDelta($emf - $amps * $ohm, $out->volts[0], 1e-6);
            self::assertEqualsWithDelta(600.0, $amps * ($emf - $amps * $ohm), 1e-6);
            self::assertEqualsWithDelta(60.0 - $amps / 60.0 / 10_000.0 * 100.0, $out->socPct[1], 1e-4);
            if ($celsius === 25.0) {
                // Through the day its own warmth lowers nothing: at 25 °C R is what the sheet says.
                self::assertEqualsWithDelta($amps ** 2 * $ohm * 24.0, $out->resistanceWh, 0.02 * $out->resistanceWh);
            }
        }
    }

    /** What the BMS lets out is served, the rest is not; below its floor a bank gives nothing. */
    public function testALimitServesWhatItLetsOut(): void
    {
        $emf = 4.0 * Chemistry::Lfp->restCurve()->volts(60.0);
        $limited = self::trip(Store::of(Chemistry::Lfp, 4, 10_000.0, ohm: 0.01, dischargeLimitA: 50.0), 1000.0, [self::day(25.0)], 60.0, 1);
        self::assertEqualsWithDelta(50.0 * ($emf - 0.5) * 24.0, self::sum($limited, 'servedWh'), 0.01 * 50.0 * $emf * 24.0);
        self::assertEqualsWithDelta(24_000.0, self::sum($limited, 'servedWh') + self::sum($limited, 'unservedWh'), 1e-6);
        self::assertEqualsWithDelta(50.0 * ($emf - 0.5) / 1000.0 / 60.0, $limited->emptyAtH, 1e-4, 'not served from the first minute on');
        $frozen = self::trip(Store::of(Chemistry::Lfp, 4, 100.0), 10.0, [self::day(-18.5)], 60.0);
        self::assertSame(0.0, self::sum($frozen, 'servedWh'));
        self::assertEqualsWithDelta(240.0, self::sum($frozen, 'unservedWh'), 1e-6);
        // By its own data sheet, where that has a floor: from both sides of it.
        foreach ([[-19.0, 240.0], [-18.0, 0.0]] as [$floor, $served]) {
            $store = Store::of(Chemistry::Lfp, 4, 100.0, floors: Floors::of(Chemistry::Lfp, null, $floor));
            self::assertEqualsWithDelta($served, self::sum(self::trip($store, 10.0, [self::day(-18.5)], 60.0), 'servedWh'), 1e-6);
        }
        self::assertEqualsWithDelta(240.0, self::sum(self::trip(Store::of(Chemistry::Lfp, 4, 100.0), 10.0, [self::day(-17.5)], 60.0), 'servedWh'), 1e-6);
    }

    /** Near full a bank takes what is missing over its own hours: the gap shrinks by acceptance ÷ (acceptance + step) each step. */
    public function testTheLastOfACharge(): void
    {
        $store = Store::of(Chemistry::Lfp, 4, 100.0, ohm: 0.0001, absorptionV: 14.6);
        $o = self::trip(
            $store,
            0.001,
            [self::day(25.0, hookedUp: true)],
            97.0,
            1,
            [],
            MainsSource::of(10_000.0, 500.0, DayHours::of([HourSpan::of(0, 24)]), 90.0, false),
        );
        $hours = Chemistry::Lfp->acceptanceH();
        for ($k = 0; $k < 10; ++$k) {
            self::assertEqualsWithDelta(
                $hours / ($hours + 1.0 / 60.0),
                (100.0 - $o->socPct[$k + 1]) / (100.0 - $o->socPct[$k]),
                1e-3,
                "minute $k",
            );
        }
        // In bulk what the charger gives flows, and all but a hundredth of it stays: 20 A for an hour into 200 Ah are 10 %.
        $bulk = self::trip(
            Store::of(Chemistry::Lfp, 4, 200.0),
            0.001,
            [self::day(25.0, hookedUp: true)],
            40.0,
            1,
            [],
            MainsSource::of(10_000.0, 20.0, DayHours::of([HourSpan::of(0, 24)]), 90.0, false),
        );
        self::assertEqualsWithDelta(10.0 * Chemistry::Lfp->coulombicEfficiency(), $bulk->socPct[120] - $bulk->socPct[60], 0.15);
    }

    /** The sun of a day is used, stored, or left: with a full bank only the loads take it. */
    public function testSunIsUsedStoredOrLeft(): void
    {
        $sun = [SolarSource::of(300.0)];
        $store = Store::of(Chemistry::Lfp, 4, 400.0);
        $full = self::trip($store, 20.0, array_fill(0, 3, self::day(25.0)), 100.0, 15, $sun);
        $low = self::trip($store, 20.0, array_fill(0, 3, self::day(25.0)), 40.0, 15, $sun);
        foreach ([0, 1, 2] as $k) {
            self::assertEqualsWithDelta($low->days[$k]->solarOfferedWh(), $full->days[$k]->solarOfferedWh(), 1e-6, 'offered is offered');
        }
        self::assertSame(0.0, $low->days[0]->curtailedWh, 'an empty bank leaves none');
        self::assertEqualsWithDelta($low->days[0]->solarWh, $low->days[0]->solarOfferedWh(), 1e-9);
        // In balance: what the loads took in the night comes back with its losses, and no more.
        self::assertEqualsWithDelta(480.0, $full->days[2]->solarWh, 0.05 * 480.0);
        self::assertGreaterThan(480.0, $full->days[2]->solarWh);
        self::assertEqualsWithDelta(480.0, $full->days[2]->servedWh, 1e-6);
    }

    /** Under the midnight sun every step of the day has light, and the steps are those of the day. */
    public function testTheMidnightSunFillsTheDay(): void
    {
        $sun = GlobalSun::fromClearness(SolarDay::at(75.0, 172), 0.5);
        foreach ([24, 96, 288] as $perDay) {
            $steps = PlaneSun::steps($sun, Plane::of(0), Shade::none(), $perDay);
            self::assertCount($perDay, $steps);
            self::assertGreaterThan(0.0, min([1.0, ...$steps]));
            self::assertEqualsWithDelta($sun->kwh(), array_sum($steps), 1e-9);
            self::assertEqualsWithDelta($steps[0], $steps[$perDay - 1], 1e-9, 'as much before midnight as after it');
        }
    }
}
