<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Inverter\Inverter;
use Pebblefell\Load\Appliance;
use Pebblefell\Load\Budget;
use Pebblefell\Load\LoadSide;
use Pebblefell\Load\UsualAppliances;
use Pebblefell\Quantity\DayHours;
use Pebblefell\Quantity\HourSpan;
use Pebblefell\Stage\Loads\Hint;
use Pebblefell\Stage\Loads\LoadSizing;
use Pebblefell\Study;
use Pebblefell\System\JobFile;
use PHPUnit\Framework\TestCase;

/** Days worked by hand. */
final class BudgetTest extends TestCase
{
    private function hours(float ...$fromTo): DayHours
    {
        return DayHours::of(array_map(static fn(array $s): HourSpan => HourSpan::of($s[0], $s[1]), array_chunk($fromTo, 2)));
    }

    public function testADcDayWithDutyQuantityAndStandby(): void
    {
        $budget = Budget::of([
            Appliance::of('fridge', 45, $this->hours(0, 24), dutyPct: 40),            // 45 × 24 × 0.4 = 432
            Appliance::of('lights', 10, $this->hours(18, 23), quantity: 4),           // 40 × 5 = 200
            Appliance::of('radio', 12, $this->hours(7, 9), standbyW: 2),              // 24 + 2 × 22 = 68
        ], null, 12);
        self::assertEqualsWithDelta(700.0, $budget->energyWhDay, 1e-9);
        self::assertEqualsWithDelta(700 / 12, $budget->energyAhDay(), 1e-9);
        // 18 to 23: fridge 45 (duty ignored) + lights 40 + radio standing by 2.
        self::assertSame([87.0, 18.0], [$budget->peakW, $budget->worst->fromH]);
        self::assertSame(44.0, $budget->standbyWhDay());
    }

    public function testSpansWrapPastMidnightAndOverlapsCountOnce(): void
    {
        $hours = $this->hours(22, 6, 5, 7, 23, 1);
        self::assertEqualsWithDelta(9.0, $hours->totalH(), 1e-9);
        self::assertTrue($hours->contains(23.5) && $hours->contains(6.9) && !$hours->contains(7.0) && !$hours->contains(21.99));
        self::assertEqualsWithDelta(90.0, Budget::of([Appliance::of('fan', 10, $hours)], null, 12)->energyWhDay, 1e-9);
    }

    public function testAcGoesThroughTheInverterWithItsIdleDrawAlwaysOrWithLoads(): void
    {
        $kettle = Appliance::of('kettle', 1000, $this->hours(7, 7.5), LoadSide::Ac);   // 500 Wh at the outlet, 555.6 at the battery
        self::assertEqualsWithDelta(
            500 / 0.9 + 24 * 12,
            Budget::of([$kettle], Inverter::of(90, 12, true), 12)->energyWhDay,
            1e-9,
        );
        $withLoads = Budget::of([$kettle], Inverter::of(90, 12, false), 12);
        self::assertEqualsWithDelta(500 / 0.9 + 0.5 * 12, $withLoads->energyWhDay, 1e-9);
        self::assertEqualsWithDelta(1000 / 0.9 + 12, $withLoads->peakW, 1e-9);
        self::assertSame(1000.0, $withLoads->acPeakW);
        $at = $withLoads->worst;
        self::assertEqualsWithDelta([0.0, 1000.0, 1000 / 0.9 + 12 - 1000], [$at->dcMeanW, $at->acMeanW(), $at->inverterW], 1e-9);
        // A standby draw on the AC side keeps the inverter on all day.
        $tv = Appliance::of('television', 60, $this->hours(20, 22), LoadSide::Ac, standbyW: 1.5);
        self::assertEqualsWithDelta(
            (120 + 33) / 0.9 + 24 * 12,
            Budget::of([$tv], Inverter::of(90, 12, false), 12)->energyWhDay,
            1e-9,
        );
    }

    public function testTheLargestStartStandsOnTopOfWhatRunsThen(): void
    {
        $aircon = Appliance::of('air conditioner', 650, $this->hours(20, 24), LoadSide::Ac, surgeW: 2600);
        $micro = Appliance::of('microwave', 1200, $this->hours(12, 12.25), LoadSide::Ac);
        $lamp = Appliance::of('lamp', 40, $this->hours(19, 23), LoadSide::Ac, quantity: 2);
        $budget = Budget::of([$aircon, $micro, $lamp], Inverter::of(90, 10), 12);
        self::assertSame(2600.0 + 80.0, $budget->surgeW);
        self::assertSame(1200.0, $budget->acPeakW);
        // Two alike: one starts while the other runs. Without any surge given, the start is the peak.
        $pumps = Appliance::of('pump', 100, $this->hours(8, 9), quantity: 2, surgeW: 400);
        self::assertSame(500.0, Budget::of([$pumps], null, 12)->surgeW);
        self::assertSame(80.0, Budget::of([$lamp], Inverter::of(90, 10), 12)->surgeW);
    }

    public function testNoLoadsIsAnEmptyDayAndAcWithoutAnInverterIsRefused(): void
    {
        self::assertSame([0.0, 0.0], [Budget::of([], null, 12)->energyWhDay, Budget::of([], null, 12)->peakW]);
        $this->expectException(InvalidValue::class);
        Budget::of([Appliance::of('kettle', 1000, $this->hours(7, 8), LoadSide::Ac)], null, 12);
    }

    /** Common practice, no source: 925 W of cooling run 5 h 20 min on a bank of about 4.93 kWh. */
    public function testTheCoolingThatLastsFiveHoursTwenty(): void
    {
        self::assertEqualsWithDelta(5 + 20 / 60, Inverter::of(100)->runtimeH(925, 4930), 0.01);
    }

    public function testHintsAreRankedByWhatTheySave(): void
    {
        $load = static fn(string $uid, string $name, string $side, float $watts, array $hours, float $standby = 0, string $does = 'other'): array => [
            'does' => $does, 'uid' => $uid, 'name' => $name, 'side' => $side, 'watts' => $watts, 'standby_w' => $standby, 'hours' => [
                's1' => [['from_h' => $hours[0], 'to_h' => $hours[1]]],
            ],
        ];
        $system = JobFile::fromArray([
            'title' => 'T', 'region' => 'europe', 'client' => ['name' => 'C'], 'vehicle' => [
                'kind' => 'van',
                'system_v' => 12,
            ], 'travel' => [],
            'scenarios' => [['uid' => 's1', 'name' => 'day', 'sizing' => true, 'inverter_always_on' => true]],
            'parts' => [[
                'uid' => 'v1',
                'kind' => 'inverter',
                'fate' => 'keep',
                'data' => ['continuous_w' => 2000, 'efficiency_pct' => 90, 'idle_w' => 10],
            ]],
            'appliances' => [
                $load('a1', 'Electric water heater', 'ac', 900, [18, 19], does: 'heats'),
                $load('a2', 'Satellite receiver', 'dc', 20, [19, 23], 6),
                $load('a3', 'Air conditioner, small', 'ac', 450, [20, 22], does: 'cools'),
                $load('a4', 'LED lights', 'dc', 20, [19, 23]),
            ],
        ]);
        $loads = LoadSizing::of(Study::of($system));
        $hints = array_map(static fn(Hint $h): array => [$h->words->key, round($h->savedWh)], Hint::rank($loads));
        // 900 ÷ 0.9; 900 ÷ 0.9 × 20 %; 10 W × 21 h without AC loads; 6 W × 20 h.
        self::assertSame(
            [['hints.fuel-heat', 1000.0], ['hints.inverter-off', 210.0], ['hints.ventilate', 200.0], ['hints.standby-off', 120.0]],
            $hints,
        );
        self::assertEqualsWithDelta(2000 / $loads->budget->energyWhDay, $loads->heatingAndCoolingShare(), 1e-9);
    }

    public function testUsualAppliancesAreWhatAnInverterCanCount(): void
    {
        foreach (UsualAppliances::keys() as $name) {
            $row = UsualAppliances::find($name);
            self::assertNotNull($row);
            self::assertGreaterThan(0.0, $row['watts']);
            self::assertTrue($row['surge_w'] === null || $row['surge_w'] > $row['watts'], $name);
        }
        self::assertNull(UsualAppliances::find('cheese-grater'));
    }
}
