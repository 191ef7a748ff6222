<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;
use Pebblefell\Study;
use Pebblefell\System\JobFile;
use Pebblefell\System\System;
use PHPUnit\Framework\TestCase;

/** Boxes that the place of a device decides, worked by hand. */
final class DeviceProfileTest extends TestCase
{
    use SoundSystem;

    public function testFromThePostItTakesTheSmallestUsualOneAndNoMoreThanItPassesOn(): void
    {
        $inverter = static fn(array $data): array => self::part('i1', 'inverter_charger', ['continuous_w' => 1600, 'charge_a' => 40, ...$data]);
        self::assertSame('6', self::value(self::system([], [$inverter([])]), 'i1', Parameter::InputLimit));
        self::assertSame('5', self::value(self::system([], [$inverter(['transfer_a' => 5])]), 'i1', Parameter::InputLimit));
        self::assertSame('15', self::value(self::system(['region' => 'north_america'], [$inverter([])]), 'i1', Parameter::InputLimit));
    }

    /** 30 A × 14.0 V ÷ (13.5 V × 0.9) = 34.6 A; a lead of 2.5 mm² carries less than that, a fuse of 30 A bears 24 A for hours. */
    public function testADcdcTakesWhatItsLeadAndFuseBear(): void
    {
        $charger = self::part('d1', 'dcdc', ['output_a' => 30, 'lithium' => 'custom', 'engine_signal' => 'volts']);
        $fuse = self::part('f9', 'fuse', ['rating_a' => 30]);
        $alternator = self::part('x1', 'alternator', ['rated_a' => 120]);
        $lead = static fn(float $mm2, string $from): array => ['conductors' => [
            ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'],
            ['uid' => 'c7', 'from' => $from, 'to' => 'd1.input_plus', 'size_mm2' => $mm2, 'length_m' => 3.0],
            ['uid' => 'c8', 'from' => 'd1.output_plus', 'to' => 'f1.out', 'size_mm2' => 10.0, 'length_m' => 2.0],
        ]];
        $of = static fn(array $change): System => self::system($change, [$charger, $fuse, $alternator]);
        self::assertSame('35', self::value($of([]), 'd1', Parameter::SupplyLimit));
        self::assertSame('35', self::value($of($lead(16.0, 'x1.plus')), 'd1', Parameter::SupplyLimit));
        self::assertSame('24', self::value($of($lead(16.0, 'f9.out')), 'd1', Parameter::SupplyLimit));
        self::assertLessThan(35.0, (float) self::value($of($lead(2.5, 'x1.plus')), 'd1', Parameter::SupplyLimit));
        // 10 mm² of IEC 60228 class 5 has 1.91 mΩ/m: out and back over 2 m, 30 A lose 0.23 V.
        self::assertSame('0.23', self::value($of($lead(16.0, 'x1.plus')), 'd1', Parameter::CableCompensation));
        self::assertSame('off', self::value($of([]), 'd1', Parameter::CableCompensation));
        $told = ['signals' => [['uid' => 'g1', 'from' => 'b1', 'to' => 'd1', 'kind' => 'battery_volts', 'fate' => 'add']]];
        self::assertSame('off', self::value($of([...$lead(16.0, 'x1.plus'), ...$told]), 'd1', Parameter::CableCompensation));
    }

    public function testAtIdleThirtyAmpsAreEasyAndSixtyAreNot(): void
    {
        $of = static fn(float $amps): string => self::value(self::system([], [
            self::part('d1', 'dcdc', ['output_a' => $amps, 'lithium' => 'custom']),
            self::part('x1', 'alternator', ['rated_a' => 120]),
        ]), 'd1', Parameter::IdleCharge);
        self::assertSame('30', $of(30.0));
        self::assertSame('off', $of(60.0));
    }

    public function testAnInverterSleepsUnlessSomethingMustBeFed(): void
    {
        $of = static fn(array $load, Parameter $p): string => self::value(self::system(['appliances' => [
            ['uid' => 'a1', 'name' => 'kettle', 'side' => 'ac', 'watts' => 900, 'hours' => ['s1' => [['from_h' => 8, 'to_h' => 9]]], ...$load],
        ]], [self::part('i1', 'inverter', ['continuous_w' => 1600])]), 'i1', $p);
        self::assertSame('40', $of([], Parameter::Eco));
        self::assertSame('1', $of([], Parameter::OffTimer));
        self::assertSame('off', $of(['watts' => 12], Parameter::Eco));
        self::assertSame('1', $of(['watts' => 12], Parameter::OffTimer));
        foreach ([['standby_w' => 3], ['hours' => ['s1' => [['from_h' => 0, 'to_h' => 24]]]]] as $always) {
            self::assertSame(['off', 'off'], [$of($always, Parameter::Eco), $of($always, Parameter::OffTimer)]);
        }
    }

    /** The ladder's lower end follows what a BMS of its own was set to: four cells at 2.9 V are 11.6 V. */
    public function testABmsOfItsOwnMovesTheEndOfTheLadder(): void
    {
        $bms = self::part('q1', 'bms', ['cells' => 4]);
        $lead = ['chemistry' => 'lfp', 'nominal_v' => 12.8, 'capacity_ah' => 100];
        $plain = self::system([], [$bms], $lead);
        self::assertSame(['3.65', '2.7', '3.45', '10'], array_map(
            static fn(Parameter $p): string => self::value($plain, 'q1', $p),
            [Parameter::CellHigh, Parameter::CellLow, Parameter::BalanceFrom, Parameter::Floor],
        ));
        self::assertSame(10.8, Study::of($plain)->bankOpensBelow()->value);
        $set = ['part' => 'q1', 'parameter' => 'cell_low_v', 'found' => null, 'planned' => null, 'as_set' => '2.9', 'read_back' => null, 'by' => '', 'at' => ''];
        self::assertSame(11.6, Study::of(self::system(['settings' => [$set]], [$bms], $lead))->bankOpensBelow()->value);
    }

    public function testEveryNewBoxComesBackFromItsFile(): void
    {
        foreach ([Parameter::InputLimit, Parameter::Eco, Parameter::OffTimer, Parameter::Zero] as $parameter) {
            $kind = $parameter === Parameter::Zero ? ['m0', 'monitor'] : ['i1', 'inverter_charger'];
            $set = ['part' => $kind[0], 'parameter' => $parameter->value, 'found' => 'off', 'planned' => null, 'as_set' => '1', 'read_back' => null, 'by' => 'A', 'at' => ''];
            $system = self::system(['settings' => [$set]], $kind[0] === 'i1' ? [self::part('i1', 'inverter_charger', ['continuous_w' => 1600, 'charge_a' => 40])] : []);
            $again = JobFile::fromArray(JobFile::toArray($system));
            self::assertEquals(SetValue::number(1.0), $again->settingsOf($kind[0])[$parameter->value]->asSet);
        }
    }

    private static function value(System $system, string $uid, Parameter $parameter): string
    {
        foreach (Study::of($system)->settings()->devices as $device) {
            foreach ($device['part']->uid === $uid ? $device['rows'] : [] as $row) {
                if ($row->parameter === $parameter) {
                    return $row->planned()->text();
                }
            }
        }
        self::fail("$uid has no box $parameter->value");
    }
}
