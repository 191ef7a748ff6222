<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Bank\Arrangement;
use Pebblefell\Bank\Bank;
use Pebblefell\Bank\BankNeed;
use Pebblefell\Bank\Battery;
use Pebblefell\Bank\Peukert;
use Pebblefell\Bank\RefreshCharge;
use Pebblefell\Charging\ChargeTime;
use Pebblefell\Charging\SolarArray;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Conductor\Run;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Quantity\Mass;
use Pebblefell\Quantity\Temperature;
use Pebblefell\Quantity\Torque;
use Pebblefell\Region\Units;
use Pebblefell\Setting\ChargeProfile;
use Pebblefell\Setting\Parameter;
use Pebblefell\Sun\GlobalSun;
use Pebblefell\Sun\Plane;
use Pebblefell\Sun\PlaneSun;
use Pebblefell\Sun\Shade;
use Pebblefell\Sun\SolarDay;
use PHPUnit\Framework\TestCase;

/** Batteries, banks, charging and the units that they are told in. */
final class BankTest extends TestCase
{
    /** W. Peukert 1897: 100 Ah at 20 h, k = 1.2, 10 A → 8.71 h. */
    public function testPeukert(): void
    {
        $peukert = Peukert::of(100, 20, 1.2);
        self::assertEqualsWithDelta(8.71, $peukert->hours(10), 0.005);
        self::assertEqualsWithDelta(100.0, $peukert->availableAh(5), 1e-9, 'at its own rate it has its own capacity');
        // The capacity at another rate gives just that many hours at the current that it means.
        foreach ([5.0, 10.0, 50.0] as $rate) {
            $ah = $peukert->capacityAtRateAh($rate);
            self::assertEqualsWithDelta($rate, $peukert->hours($ah / $rate), 1e-9);
        }
        self::assertGreaterThan(100.0, Peukert::of(100, 10, 1.2)->capacityAtRateAh(20), '100 Ah at 10 h is more at 20 h');
    }

    /** Common practice, no source: 300 Ah of lead are about 150 Ah usable; 300 Ah for 300 Ah of LFP doubles it. */
    public function testHalfOfLeadAndNearlyAllOfLithium(): void
    {
        $bank = static fn(Chemistry $c): Bank => Bank::forSystem(
            array_map(static fn(int $i): Battery => Battery::of("b$i", $c, 12, 100), range(1, 3)),
            12,
        );
        $usableAh = static fn(Bank $b): float => $b->deliverableAh(10, 25) * $b->usableShare();
        self::assertEqualsWithDelta(150, $usableAh($bank(Chemistry::Agm)), 8);
        self::assertEqualsWithDelta(2.0, $usableAh($bank(Chemistry::Lfp)) / $usableAh($bank(Chemistry::Agm)), 0.2);
    }

    public function testColdAgeTestAndSmallCurrents(): void
    {
        $agm = Battery::of('a', Chemistry::Agm, 12, 100, 20, ageYears: 6);
        self::assertEqualsWithDelta(80.0, $agm->deliverableAh(5, 25), 1e-9, 'a service life old: 80 %');
        self::assertLessThan($agm->deliverableAh(5, 25), $agm->deliverableAh(5, -5));
        self::assertSame(
            $agm->deliverableAh(5, 25),
            $agm->deliverableAh(0.5, 25),
            'Peukert promises nothing above the 20-hour capacity',
        );
        self::assertEqualsWithDelta(
            64.0,
            Battery::of('a', Chemistry::Agm, 12, 100, 20, ageYears: 6, measuredAh: 64)->deliverableAh(5, 25),
            1e-9,
            'a test goes before the estimate',
        );
        // Published models: LFP about 90 % at 0 °C and 65 % at −20 °C. Common practice.
        self::assertEqualsWithDelta(
            [0.90, 0.65, 1.0],
            [Chemistry::Lfp->temperatureFactor(0), Chemistry::Lfp->temperatureFactor(-20), Chemistry::Lfp->temperatureFactor(30)],
            1e-9,
        );
    }

    public function testRestVoltsOfCommonPractice(): void
    {
        foreach ([
            [Chemistry::Agm, 13.0 / 6, 100.0], [Chemistry::Agm, 12.2 / 6, 50.0], [Chemistry::Flooded, 12.1 / 6, 50.0],
            [Chemistry::Flooded, 12.7 / 6, 100.0], [Chemistry::Lfp, 3.25, 40.0], [Chemistry::Lfp, 3.32, 90.0],
            [Chemistry::Lfp, 2.5, 0.0], [Chemistry::Lfp, 4.0, 100.0],
        ] as [$chemistry, $volts, $soc]) {
            self::assertEqualsWithDelta($soc, $chemistry->restCurve()->socPct($volts), 1e-6);
        }
        foreach (Chemistry::cases() as $chemistry) {
            foreach ([0.0, 7.0, 33.0, 95.0] as $soc) {
                self::assertEqualsWithDelta($soc, $chemistry->restCurve()->socPct($chemistry->restCurve()->volts($soc)), 1e-6);
            }
        }
    }

    public function testBanksOfEveryVoltageAndThoseThatCannotBe(): void
    {
        $of = static fn(int $n, float $v, float $system, Chemistry $c = Chemistry::Lfp): Bank => Bank::forSystem(
            array_map(static fn(int $i): Battery => Battery::of("b$i", $c, $v, 100, dischargeLimitA: 100.0), range(1, $n)),
            $system,
        );
        $four = $of(4, 12.8, 48);
        self::assertSame(
            [4, 1, 16, 51.2, 100.0, 100.0],
            [
                $four->series,
                $four->parallel,
                $four->cells(),
                round($four->nominalV(), 6),
                $four->ratedAh(),
                $four->dischargeLimitA(),
            ],
        );
        $six = $of(6, 6, 12, Chemistry::Flooded);
        self::assertSame(
            [2, 3, 6, 12.0, 300.0],
            [$six->series, $six->parallel, $six->cells(), $six->nominalV(), $six->ratedAh()],
        );
        self::assertSame([1, 2, 16], [$of(2, 51.2, 48)->series, $of(2, 51.2, 48)->parallel, $of(2, 51.2, 48)->cells()]);
        foreach ([[3, 12.8, 24], [1, 24, 12], [2, 12.8, 48]] as [$n, $v, $system]) {
            try {
                $of($n, $v, $system);
                self::fail("$n × $v V made $system V");
            } catch (InvalidValue $e) {
                self::assertSame('/batteries', $e->path);
            }
        }
        self::assertSame(
            [['a.plus', 'b.minus'], ['c.plus', 'd.minus'], ['b.plus', 'd.plus'], ['a.minus', 'c.minus']],
            Arrangement::links(['a', 'b', 'c', 'd'], 2),
        );
    }

    public function testBankSizeChargeTimeAndYield(): void
    {
        $need = BankNeed::of(1200, 3, 50, 0.8, 12);
        self::assertEqualsWithDelta([9000.0, 750.0], [$need->capacityWh, $need->capacityAh], 1e-9);
        $time = ChargeTime::of(230, 10, 95, 30, 99, 2, 12);
        self::assertEqualsWithDelta(230 * 0.85 / 29.7, $time->bulkH, 1e-9);
        self::assertEqualsWithDelta($time->bulkH + 14, $time->totalH, 1e-9);
        self::assertSame(0.0, ChargeTime::of(100, 98, 95, 10, 99, 1, 0)->bulkH);
        $sun = PlaneSun::of(GlobalSun::fromClearness(SolarDay::ofMonth(45, 6), 0.5), Plane::of(), Shade::none());
        self::assertEqualsWithDelta(400 * $sun->kwh * 0.75, SolarArray::of(400)->yieldWh($sun), 1e-9);
        self::assertEqualsWithDelta(400.0, SolarArray::wattsFor(SolarArray::of(400)->yieldWh($sun), $sun), 1e-9);
    }

    /**
     * IEC 60228 areas; ASTM B258: 10 AWG 5.26 mm², 6 AWG 13.3, 2/0 67.4, 4/0 107.2. Common practice: 71 lbf·in = 8.02 N·m, 70 lb of AGM.
     */
    public function testSizesAndUnits(): void
    {
        foreach (['10' => 5.26, '6' => 13.3, '2/0' => 67.4, '4/0' => 107.2] as $gauge => $area) {
            self::assertEqualsWithDelta($area, ConductorSize::ofGauge((string) $gauge)->areaMm2, $area * 0.002);
        }
        self::assertSame(
            ['35 mm²', '2 AWG', '2/0 AWG', '2.5 mm²'],
            [
                ConductorSize::ofArea(35)->metricName(),
                ConductorSize::ofArea(35)->gaugeName(),
                ConductorSize::ofArea(70)->gaugeName(),
                ConductorSize::ofArea(2.5)->metricName(),
            ],
        );
        self::assertEqualsWithDelta(8.02, Torque::ofPoundForceInches(71)->newtonMetres, 0.005);
        self::assertEqualsWithDelta(31.75, Mass::ofPounds(70)->kilograms, 0.005);
        self::assertEqualsWithDelta(-18.0, Temperature::ofFahrenheit(-0.4)->celsius, 1e-9);
        foreach (['kg', '°C', 'N·m', 'm', 'mm', 'V'] as $unit) {
            self::assertEqualsWithDelta(12.5, Units::UsCustomary->read(Units::UsCustomary->show(12.5, $unit), $unit), 1e-9);
        }
        $this->expectException(InvalidValue::class);
        ConductorSize::ofGauge('5/0');
    }

    /**
     * Common practice: 12 V LFP 14.2 to 14.6 V, float 13.5 to 13.6, equalise off, no compensation; AGM −2 mV a cell and °C; 184.2 Ah at 10
     * h needs no more than it bears.
     */
    public function testChargeProfiles(): void
    {
        $lfp = ChargeProfile::of(Chemistry::Lfp, 4, 1, 2, 400, []);
        self::assertTrue(($v = $lfp->value(Parameter::Absorption)->number) >= 14.2 && $v <= 14.6);
        self::assertEqualsWithDelta(13.5, $lfp->value(Parameter::Float)->number, 0.11);
        self::assertTrue($lfp->value(Parameter::Equalise)->isOff());
        self::assertEqualsWithDelta(0.0, $lfp->value(Parameter::Compensation)->number, 1e-9);
        self::assertGreaterThan(0.0, $lfp->value(Parameter::LowTemperatureCutoff)->number);
        $agm = ChargeProfile::of(Chemistry::Agm, 12, 2, 1, 110, ['absorption_v' => 14.4, 'recommended_charge_a' => 16.0]);
        self::assertSame(
            [28.8, -24.0, 16.0],
            [
                $agm->value(Parameter::Absorption)->number,
                $agm->value(Parameter::Compensation)->number,
                $agm->value(Parameter::ChargeCurrent)->number,
            ],
        );
        self::assertTrue($agm->value(Parameter::LowTemperatureCutoff)->isOff());
        self::assertTrue($agm->figure(Parameter::Float)->restsOnAssumption());
        self::assertFalse($agm->figure(Parameter::Absorption)->restsOnAssumption());
    }

    /** IEC 60228 class 5 maxima at 20 °C, Ω/km; between the preferred areas ρ/A of IEC 60028 (both from memory). */
    public function testARunOfCopperHasTheStandardsResistance(): void
    {
        foreach ([
            [1.5, 13.3], [2.5, 7.98], [4.0, 4.95], [6.0, 3.30], [10.0, 1.91], [16.0, 1.21], [25.0, 0.780], [35.0, 0.554],
            [50.0, 0.386], [70.0, 0.272], [95.0, 0.206], [120.0, 0.161], [240.0, 0.0801],
        ] as [$area, $maximum]) {
            self::assertEqualsWithDelta($maximum, Run::of(ConductorSize::ofArea($area), 1000)->resistanceOhm() / 2, 1e-9);
        }
        // 10 AWG by ASTM B258 is 5.26 mm².
        self::assertEqualsWithDelta(17.241 / 5.26, Run::of(ConductorSize::ofGauge('10'), 1000)->resistanceOhm() / 2, 0.01);
        $run = Run::of(ConductorSize::ofArea(6), 5);
        self::assertEqualsWithDelta(0.99, $run->dropV(30), 0.001);
        self::assertSame(16.0, $run->areaFor(30, 0.4)?->areaMm2);
        self::assertNull($run->areaFor(30, 0.001));
    }

    /** By name or by its cells, a block has the same number of them. */
    public function testCellsOfABlock(): void
    {
        foreach ([[3.2, 1], [6.4, 2], [12.0, 4], [12.8, 4], [24.0, 8], [25.6, 8], [38.4, 12], [48.0, 16], [51.2, 16]] as [$v, $cells]) {
            self::assertSame($cells, Chemistry::Lfp->cellsFor($v), "$v V");
        }
        foreach ([[2.0, 1], [6.0, 3], [12.0, 6], [24.0, 12]] as [$v, $cells]) {
            self::assertSame($cells, Chemistry::Agm->cellsFor($v), "$v V");
        }
    }

    /**
     * Common practice: 200 Ah at 20 h are 184.2 Ah at 10 h where the exponent is that of the two figures; the refresh charge then wants
     * 36.8 A.
     */
    public function testTheBankAtAnotherHourRate(): void
    {
        // C10/C20 = (20/10)^(1/k) · 10/20, so k = 1 / (1 + log2(184.2/200)).
        $k = 1.0 / (1.0 + log(184.2 / 200.0, 2.0));
        $block = Battery::of('a', Chemistry::Agm, 12.0, 200.0, 20.0, $k);
        self::assertEqualsWithDelta(184.2, Bank::forSystem([$block], 12.0)->ahAtRate(10.0), 1e-6);
        self::assertEqualsWithDelta(2 * 184.2, Bank::forSystem([$block, $block, $block, $block], 24.0)->ahAtRate(10.0), 1e-6);
        self::assertEqualsWithDelta(36.84, RefreshCharge::of(6, Bank::forSystem([$block], 12.0)->ahAtRate(10.0))->minCurrentA, 1e-6);
    }
}
