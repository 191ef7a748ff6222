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
        $inverter = static fn(array $data): array => self::part(
            'i1',
            'inverter_charger',
            ['continuous_w' => 1600, 'charge_a' => 40, ...$data],
        );
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
            [
                'uid' => 'a1', 'name' => 'kettle', 'side' => 'ac', 'watts' => 900, 'hours' => ['s1' => [['from_h' => 8, 'to_h' => 9]]],
                ...$load,
            ],
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
        self::assertSame(10.8, Study::of($plain)->limits->opensBelow()->value);
        $set = [
            'part' => 'q1', 'parameter' => 'cell_low_v', 'found' => null, 'planned' => null, 'as_set' => '2.9', 'read_back' => null,
            'by' => '', 'at' => '',
        ];
        self::assertSame(11.6, Study::of(self::system(['settings' => [$set]], [$bms], $lead))->limits->opensBelow()->value);
    }

    /**
     * AGM, six cells: 2 mV a cell and kelvin × 20 K = 0.24 V (common practice), on what does not feel the battery, at most what its sheet
     * bears.
     */
    public function testLeadIsRaisedForTheWinterWhereNobodyFeelsIt(): void
    {
        $of = static fn(string $school, Parameter $p, array $more = [], array $sheet = []): string => self::value(self::system([
            'target_chemistry' => 'agm',
            'travel' => ['months' => [6], 'wish_days' => 1, 'hook_up' => 'mostly', 'driving_h_day' => 1, 'school' => $school],
            ...$more,
        ], [], ['absorption_v' => 14.4, 'float_v' => 13.6, ...self::AGM, ...$sheet]), 'k1', $p);
        self::assertSame(
            ['14.4', '13.6', '-12'],
            [$of('everyday', Parameter::Absorption), $of('everyday', Parameter::Float), $of('everyday', Parameter::Compensation)],
        );
        self::assertSame(
            ['14.64', '13.84', 'off'],
            [$of('winter', Parameter::Absorption), $of('winter', Parameter::Float), $of('winter', Parameter::Compensation)],
        );
        self::assertSame('14.5', $of('winter', Parameter::Absorption, sheet: ['max_charge_v' => 14.5]));
        $felt = ['signals' => [['uid' => 'g1', 'from' => 'b1', 'to' => 'k1', 'kind' => 'battery_temperature', 'fate' => 'add']]];
        self::assertSame(['14.4', '-12'], [$of('winter', Parameter::Absorption, $felt), $of('winter', Parameter::Compensation, $felt)]);
    }

    /** LFP of 100 Ah and 12.8 V, 90 % usable: charged to 80 % the top fifth is missing in Size, in what is asked for, and on the map. */
    public function testALongLifeLeavesTheTopOutOfSize(): void
    {
        $of = static fn(string $school): Study => Study::of(
            self::system(
                ['travel' => ['months' => [6], 'wish_days' => 2, 'hook_up' => 'never', 'driving_h_day' => 0, 'school' => $school]],
            ),
        );
        [$full, $long] = [$of('everyday')->banks(), $of('long_life')->banks()];
        $share = $full->planned->bank?->usableShare() ?? 0.0;
        self::assertEqualsWithDelta($share - 0.2, $long->planned->bank?->usableShare(), 1e-9);
        self::assertEqualsWithDelta($full->planned->usable()->value * ($share - 0.2) / $share, $long->planned->usable()->value, 1e-6);
        self::assertEqualsWithDelta($full->need->value * $share / ($share - 0.2), $long->need->value, 1e-6);
        self::assertEqualsWithDelta(
            $full->planned->usable()->value,
            $of('storage')->banks()->planned->usable()->value,
            1e-9,
            'stored, then filled before it travels',
        );
    }

    /** What many devices have not is shown and not asked for: a stage that was done stays done. */
    public function testABoxThatFewHaveIsNotAskedFor(): void
    {
        $set = static fn(array $parameters): array => array_map(
            static fn(string $p): array => [
                'part' => 'i1', 'parameter' => $p, 'found' => null, 'planned' => null, 'as_set' => '12', 'read_back' => null,
                'by' => '', 'at' => '',
            ],
            $parameters,
        );
        $inverter = [self::part('i1', 'inverter', ['continuous_w' => 1600])];
        $open = static fn(array $parameters): int => Study::of(
            self::system(['settings' => $set($parameters)], $inverter),
        )->settings()->open();
        self::assertSame($open([]) - 3, $open(['warning_v', 'cutoff_v', 'restart_v']));
        self::assertSame($open([]), $open(['eco_w', 'off_after_h']));
    }

    public function testEveryNewBoxComesBackFromItsFile(): void
    {
        foreach ([Parameter::InputLimit, Parameter::Eco, Parameter::OffTimer, Parameter::Zero] as $parameter) {
            $kind = $parameter === Parameter::Zero ? ['m0', 'monitor'] : ['i1', 'inverter_charger'];
            $set = [
                'part' => $kind[0], 'parameter' => $parameter->value, 'found' => 'off', 'planned' => null, 'as_set' => '1',
                'read_back' => null, 'by' => 'A', 'at' => '',
            ];
            $system = self::system(
                ['settings' => [$set]],
                $kind[0] === 'i1' ? [self::part('i1', 'inverter_charger', ['continuous_w' => 1600, 'charge_a' => 40])] : [],
            );
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
