<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Charging\ArrayFit;
use Pebblefell\Charging\PanelSheet;
use Pebblefell\Charging\RegulatorSheet;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Stage\Aftercare\LogDay;
use Pebblefell\Stage\Aftercare\LogJudge;
use Pebblefell\Stage\Size\Growth;
use Pebblefell\Stage\Sources\EngineStart;
use Pebblefell\Stage\Sources\MainsCheck;
use Pebblefell\Stage\Sources\SunMonth;
use Pebblefell\Stage\Survey\Condition;
use Pebblefell\Stage\Survey\SupplierQuestions;
use Pebblefell\Stage\Test\TestSheet;
use Pebblefell\Stage\Wiring\Later;
use Pebblefell\Study;
use Pebblefell\System\System;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Small sums of the stages, worked by hand, each from both sides of its edge. */
final class StageSumsTest extends TestCase
{
    use SoundSystem;

    /** A starter takes 400 A (common practice); a bank gives the sum of its strings, a string what its weakest block gives. */
    public function testTheEngineStartsThroughARelayWhereTheBankGivesFourHundredAmps(): void
    {
        $start = static fn(float $a, int $count, float $volts = 12.8, float $system = 12.0): ?EngineStart => EngineStart::of(Study::of(
            self::system(
                ['vehicle' => ['kind' => 'camper_van', 'system_v' => $system]],
                [],
                ['discharge_30s_a' => $a, 'nominal_v' => $volts] + self::LFP,
                $count,
            ),
        ));
        self::assertSame([200.0, false], [$start(200.0, 1)?->bankA->value, $start(200.0, 1)?->byRelay]);
        self::assertSame([400.0, true], [$start(200.0, 2)?->bankA->value, $start(200.0, 2)?->byRelay]);
        self::assertSame([398.0, false], [$start(199.0, 2)?->bankA->value, $start(199.0, 2)?->byRelay]);
        // Two in series for 24 V are one string.
        self::assertSame(200.0, $start(200.0, 2, system: 24.0)?->bankA->value);
        self::assertNull($start(200.0, 4, system: 48.0), 'no starter runs on 48 V');
        self::assertNull(EngineStart::of(Study::of(self::system(['parts' => [], 'conductors' => []]))), 'no bank');
        // 6 Ah through 15 A.
        self::assertSame(24.0, $start(200.0, 1)?->minutes->value);
    }

    /** LFP of one model joins within two years, lead within half of one (truth of the trade, no source). */
    public function testAnotherBatteryMayJoinAsLongAsTheOldestIsYoungEnough(): void
    {
        $within = static function (array $sheet, int $count = 1): array {
            $growth = Growth::of(Study::of(self::system(['vehicle' => [
                'kind' => 'camper_van', 'system_v' => 12, 'bay_mm' => [900, 400, 300],
            ]], [], ['length_mm' => 260, 'width_mm' => 170, 'height_mm' => 210] + $sheet, $count)));

            return [$growth[0]->withinYears, $growth[0]->isThere()];
        };
        self::assertSame([2.0, true], $within(['age_years' => 0] + self::LFP));
        self::assertSame([0.5, true], $within(['age_years' => 1.5] + self::LFP));
        self::assertSame([0.0, false], $within(['age_years' => 2.5] + self::LFP), 'never less than none');
        self::assertSame([0.25, true], $within(['age_years' => 0.25] + self::AGM));
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}> travel, variant of "sun-short"
     */
    public static function travels(): iterable
    {
        yield 'standing still' => [['hook_up' => 'never', 'driving_h_day' => 0], 'standing'];
        yield 'driven an hour, with nothing that charges by it' => [['hook_up' => 'never', 'driving_h_day' => 1], ''];
        yield 'driven a little' => [['hook_up' => 'never', 'driving_h_day' => 0.5], ''];
        yield 'hooked up now and then' => [['hook_up' => 'sometimes', 'driving_h_day' => 0], 'otherwise'];
    }

    /** @param array<string, mixed> $travel */
    #[DataProvider('travels')]
    public function testWhatElseMustChargeIsNamedByWhatThePlanHas(array $travel, string $variant): void
    {
        $system = self::system([
            'travel' => ['months' => [12], 'wish_days' => 1, ...$travel],
            'place' => ['name' => 'P', 'latitude_deg' => 55, 'min_c' => array_fill(0, 12, 8), 'clearness' => array_fill(0, 12, 0.4)],
            ...self::load(['watts' => 60]),
        ], [
            self::part('p1', 'panel', self::PANEL),
            self::part('r1', 'regulator', ['max_pv_v' => 75, 'max_charge_a' => 15, 'technology' => 'mppt', 'lithium' => 'custom']),
        ]);
        self::assertSame($variant, self::found($system, 'sun-short')?->variant);
    }

    /** No roof that no vehicle has is ever shown: what it does not hold is not a number. */
    public function testTheArrayForSunAloneEndsAtTheRoof(): void
    {
        $says = static fn(float $watts, float $roof): string => (new SunMonth(1, true, 1.0, 1.0, 0.0, 0.0, 1000.0, $watts))->neededShort($roof);
        self::assertSame(['900', '1100', '–', '–'], [$says(899.6, 1100.0), $says(1100.0, 1100.0), $says(1100.5, 1100.0), $says(INF, 6000.0)]);
        self::assertSame('12k', $says(12_300.0, 20_000.0));
        $narrow = new SunMonth(1, true, 1.0, 1.0, 0.0, 0.0, 1000.0, 1066.0);
        self::assertSame(['1.1', '–'], [$narrow->neededShort(1100.0, true), $narrow->neededShort(1000.0, true)]);
    }

    /** A supplier is asked for what a sum of this job wants, and for nothing that its sheet has. */
    public function testASupplierIsAskedForWhatTheJobWants(): void
    {
        $asked = static fn(array $sheet, int $count = 1, float $system = 12.0, array $more = [], array $name = ['make' => 'Testmake', 'model' => 'X']): array
            => SupplierQuestions::of(Study::of(self::system(['vehicle' => ['kind' => 'camper_van', 'system_v' => $system], 'conductors' => [], 'parts' => [
                ...array_map(static fn(int $i): array => self::part("b$i", 'battery', $sheet, 'add', $name), range(1, $count)), ...$more,
            ]])));
        $lines = static fn(array $questions): array => $questions[0]->lines ?? [];
        self::assertSame([], $asked(self::LFP, name: []), 'what has no name has no supplier');
        $one = $lines($asked(self::LFP));
        self::assertContains('wakes_by', $one);
        self::assertNotContains('discharge_limit_a', $one, 'its sheet has it');
        // In parallel, in series: what else is wanted then.
        $wants = static fn(array $got): array => array_values(array_intersect(['max_series', 'max_parallel', 'internal_mohm'], $got));
        self::assertSame([], $wants($one));
        self::assertSame(['max_parallel', 'internal_mohm'], $wants($lines($asked(self::LFP, 2))));
        self::assertSame(['max_series'], $wants($lines($asked(self::LFP, 2, 24.0))));
        self::assertSame([2], array_column($asked(self::LFP, 2), 'count'), 'asked once for both');
        // Lead is asked for its hours and rested volts, and never for a BMS.
        $lead = $lines($asked(array_diff_key(self::AGM, ['rate_h' => 0])));
        self::assertSame(['rate_h'], array_values(array_intersect(['rate_h', 'wakes_by', 'cutoff_v', 'low_temp_cutoff'], $lead)));
        // A charger's lithium profile is asked beside lithium alone.
        $charger = [self::part('k1', 'mains_charger', ['output_a' => 30], 'add', ['make' => 'Testmake', 'model' => 'K'])];
        $of = static fn(array $questions): array => array_merge(...array_map(
            static fn(SupplierQuestions $q): array => $q->part->uid === 'k1' ? $q->lines : [],
            $questions,
        ));
        self::assertContains('lithium', $of($asked(self::LFP, more: $charger)));
        self::assertNotContains('lithium', $of($asked(self::AGM, more: $charger)));
    }

    /** What stood on the battery counts with the last reading of its own posts; the origin of each figure is the sheet's, or assumed. */
    public function testAChargeIsReadFromTheBatterysOwnVolts(): void
    {
        $system = static fn(array $readings, array $sheet = self::AGM): System => self::system(
            ['measurements' => array_map(static fn(array $r): array => ['part' => $r[0], 'quantity' => $r[1], 'value' => $r[2], 'at' => '2026-06-01T08:00:00Z', 'uid' => "m$r[0]$r[1]"], $readings)],
            [],
            $sheet,
            2,
        );
        $of = static function (System $s): ?Condition {
            return Condition::of($s, $s->parts['b1']);
        };
        self::assertNull($of($system([])));
        self::assertNull($of($system([['b2', 'volts', 12.5]])), 'another one’s');
        self::assertNull($of($system([['b1', 'temperature', 12.5]])), 'another quantity');
        $both = $of($system([['b1', 'volts', 12.2], ['b2', 'volts', 12.8]]));
        self::assertSame(12.2, $both?->socPct->inputs[0]->value);
        // 12.2 V of AGM is half. Common practice.
        self::assertEqualsWithDelta(50.0, $both->socPct->value, 3.0);
        $origins = static fn(?Condition $c): array => array_map(
            static fn(Figure $f): Origin => $f->origin,
            $c?->capacityAtTwentyHours->inputs ?? [],
        );
        self::assertSame([Origin::DataSheet, Origin::DataSheet, Origin::Assumed], $origins($both));
        self::assertSame(
            [Origin::DataSheet, Origin::Assumed, Origin::DataSheet],
            $origins($of($system([['b1', 'volts', 12.2]], array_diff_key(self::AGM, ['rate_h' => 0]) + ['peukert' => 1.2]))),
        );
    }

    /** The sun feeds the loads before the battery does: used = out − in + sun; one of them missing, nobody knows. */
    public function testWhatWasUsedNeedsAllThreeCounts(): void
    {
        $day = static fn(array $has): ?float => LogDay::fromArray(['day' => '2026-06-01', 'hours' => 24] + $has)->usedWh();
        self::assertSame(500.0, $day(['out_wh' => 300, 'in_wh' => 200, 'sun_wh' => 400]));
        foreach (['out_wh', 'in_wh', 'sun_wh'] as $missing) {
            self::assertNull($day(array_diff_key(['out_wh' => 300, 'in_wh' => 200, 'sun_wh' => 400], [$missing => 0])), $missing);
        }
    }

    /** A shunt carries what the larger inverter draws, to the ampere. */
    public function testAShuntIsPartOfTheWayOfALargerInverter(): void
    {
        $wanted = static function (float $shuntA): array {
            $run = static fn(string $uid, string $from, string $to): array => [
                'uid' => $uid, 'from' => $from, 'to' => $to, 'size_mm2' => 95.0, 'length_m' => 0.5, 'insulation_c' => 90.0,
            ];
            $later = Later::inverter(Study::of(self::system([
                'conductors' => [$run('c1', 'b1.plus', 'f9.in'), $run('c2', 'f9.out', 'v1.battery_plus')],
                'parts' => [
                    self::part('b1', 'battery', self::LFP), self::part('f9', 'fuse', ['rating_a' => 400, 'family' => 'class_t']),
                    self::part('v1', 'inverter', ['continuous_w' => 1000, 'efficiency_pct' => 90, 'input_v' => 12]),
                    self::part('m9', 'monitor', ['shunt_a' => $shuntA]),
                ],
            ])), 2160.0);

            return array_map(static fn(array $p): array => [$p['part']->uid, $p['now'], round($p['later'], 6)], $later->parts ?? []);
        };
        // 2,160 W out of 90 % on 12 V are 200 A.
        self::assertSame([['m9', 199.0, 200.0]], $wanted(199.0));
        self::assertSame([], $wanted(200.5));
    }

    /**
     * One panel of 22.4 V open, 18.6 V at work, on 24 V: at 70 °C it works at 18.6 · (1 − 0.36 % · 45) = 15.6 V, absorption is 28.8 V and
     * wants 1 V more, a full bank rests at 0.95 of it. Two do; where the regulator bears no two in the cold, none does.
     */
    public function testHowManyInSeriesSuitColdAndHeat(): void
    {
        $panel = PanelSheet::of(100.0, 22.4, 18.6, 5.75, 5.38, -0.28, -0.36);
        $says = static function (bool $mppt, float $mostV) use ($panel): array {
            foreach (ArrayFit::of($panel, 1, 1, RegulatorSheet::of($mppt, $mostV, 30.0), -10.0, 70.0, 28.8)->findings() as $f) {
                if ($f->rule === 'array-volts-too-low') {
                    return [$f->variant, $f->args['series'], self::amount($f, 'works'), self::amount($f, 'full')];
                }
            }

            return [];
        };
        $hot = 18.6 * (1.0 - 0.0036 * 45.0);
        self::assertEqualsWithDelta(['mppt', 2, $hot, 27.36], $says(true, 75.0), 1e-9);
        self::assertEqualsWithDelta(['mppt-none', 0, $hot, 27.36], $says(true, 49.0), 1e-9, '2 × 22.4 · (1 + 0.28 % · 35) = 49.2 V');
        self::assertEqualsWithDelta(['pwm', 2, $hot, 27.36], $says(false, 75.0), 1e-9);
        self::assertEqualsWithDelta(['pwm-none', 0, $hot, 27.36], $says(false, 49.0), 1e-9);
    }

    /** With the inverter's help a generator brings back the day in three hours: 480 Wh out of 80 % are 200 W. */
    public function testAGeneratorThatIsHelpedOnlyBringsBackTheDay(): void
    {
        $mains = MainsCheck::of(Study::of(self::system(['parts' => [
            self::part('b1', 'battery', self::LFP), self::part('f1', 'breaker', ['rating_a' => 100]),
            self::part('k1', 'mains_charger', ['output_a' => 30, 'lithium' => 'custom', 'efficiency_pct' => 80]),
        ]])));
        self::assertEqualsWithDelta(200.0, $mains->generatorHelped()->value, 0.01);
        // 30 A at 14.2 V out of 80 % from 230 V.
        self::assertEqualsWithDelta(30.0 * $mains->dcV / 0.8 / 230.0, $mains->posts()[0]->chargerAcA, 1e-9);
    }

    /** Three in a row on thin links: whoever has both take-offs works hardest, and is named by its place in the row. */
    public function testTheBatteryThatWorksHardestIsNamedByItsPlace(): void
    {
        $link = static fn(string $uid, string $from, string $to): array => [
            'uid' => $uid, 'from' => $from, 'to' => $to, 'size_mm2' => 16, 'length_m' => 1.5,
        ];
        foreach (['b1' => 1, 'b3' => 3] as $at => $place) {
            $finding = self::found(self::system(['conductors' => [
                ['uid' => 'c1', 'from' => "$at.plus", 'to' => 'f1.in'], ['uid' => 'c2', 'from' => "$at.minus", 'to' => 'k1.output_minus'],
                $link('l1', 'b1.plus', 'b2.plus'), $link('l2', 'b2.plus', 'b3.plus'), $link('l3', 'b1.minus', 'b2.minus'),
                $link('l4', 'b2.minus', 'b3.minus'),
            ]], batteries: 3), 'bank-shares-unevenly');
            self::assertSame($place, $finding?->args['battery'], $at);
            self::assertGreaterThan(self::amount($finding, 'least'), self::amount($finding, 'most'));
        }
    }

    /** Which source has nobody that trips: the inverter makes mains of its own, the inlet brings it. */
    public function testAnUnguardedSourceIsNamedForWhatItIs(): void
    {
        $wire = static fn(int $i, string $from, string $to): array => ['uid' => "w$i", 'from' => $from, 'to' => $to, 'fate' => 'add'];
        $unguarded = static fn(string $from, array $source): ?Finding => self::found(self::system(
            [
                'conductors' => [['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'], $wire(1, $from, 's1.in')],
                ...self::load(['side' => 'ac', 'watts' => 200]),
            ],
            [$source, self::part('s1', 'breaker', ['rating_a' => 16])],
        ), 'earth-leakage-not-covered');
        self::assertSame('inverter', $unguarded('v1.ac_out', self::part('v1', 'inverter', ['continuous_w' => 800]))?->variant);
        self::assertSame('inlet', $unguarded('i1.ac_out', self::part('i1', 'shore_inlet', ['rating_a' => 16]))?->variant);
    }

    /** Polarity is good between the empty and the full cells' volts; the bank's own resistance is told in milliohms. */
    public function testTheFirstLinesOfTheTestSheetByHand(): void
    {
        $sheet = TestSheet::of(Study::of(self::system([], [], ['internal_mohm' => 4.0] + self::LFP)));
        $volts = $sheet->check('polarity')?->reading;
        // Four cells of LFP: 2.5 and 3.65 V each (common practice).
        self::assertSame([10.0, 14.6], [$volts?->low, $volts?->high]);
        $sag = $sheet->check('sag');
        self::assertEqualsWithDelta(0.004, $sag?->expected, 1e-9);
        $said = $sag->args['milliohm'] ?? null;
        self::assertSame([4.0, 'mΩ'], $said instanceof Amount ? [$said->value, $said->unit] : []);
    }

    /**
     * @param list<array<string, mixed>> $days what differs from a day as planned, day by day
     *
     * @return array<string, array<string, mixed>> what is said, with its figures
     */
    private static function log(array $days, ?System $system = null): array
    {
        $log = array_map(static fn(array $day, int $k): LogDay => LogDay::fromArray([
            'day' => sprintf('2026-06-%02d', $k + 1), 'hours' => 24.0, 'in_wh' => 480.0, 'out_wh' => 480.0, 'low_pct' => 60.0,
            'high_pct' => 100.0, 'top_h' => 2.0, 'night_w' => 20.0, ...$day,
        ]), $days, array_keys($days));
        $said = [];
        foreach (LogJudge::of(Study::of($system ?? self::system()), $log)->says as $word) {
            $said[substr($word->key, strlen('log.says.'))] = array_map(
                static fn(mixed $a): mixed => $a instanceof Amount ? $a->value : $a,
                $word->args,
            );
        }

        return $said;
    }

    /** What a log says of a whole stretch is its lowest, its longest, its mean: with the figure that it says. */
    public function testALogIsJudgedByTheFigureThatItSays(): void
    {
        $low = self::log([['low_pct' => 12.0], ['low_pct' => 18.0], ['low_pct' => 30.0], ['low_pct' => null], []]);
        self::assertSame(['2', 12.0], [$low['was-battery']['times'] ?? null, $low['was-battery']['low'] ?? null]);
        // A day on which nobody logged the charge ends a stretch of days that never were full.
        $thirteen = array_fill(0, 13, ['high_pct' => 90.0]);
        self::assertArrayNotHasKey('never-full', self::log([...$thirteen, ['high_pct' => null], ...$thirteen]));
        self::assertSame('26', self::log([...$thirteen, ...$thirteen])['never-full']['days'] ?? null);
        // The lowest of the rested volts tells that a bank shrank, not the highest.
        $ends = 4.0 * Chemistry::Lfp->restCurve()->volts(8.0);
        $shrunk = self::log([['rest_v' => $ends + 0.4], ['rest_v' => $ends - 0.1], ['rest_v' => $ends + 0.2], [], []]);
        self::assertEqualsWithDelta($ends - 0.1, $shrunk['shrunk']['volts'] ?? 0.0, 1e-9);
        // Held at the top all day is said of lithium alone.
        $held = array_fill(0, 5, ['top_h' => 13.0]);
        self::assertArrayHasKey('held-full', self::log($held));
        self::assertArrayNotHasKey('held-full', self::log($held, self::system([], [], self::AGM)));
    }

    /** The night is from one to four: 60 W for one of its three hours are 20 W, and a quarter and 10 W more are let pass. */
    public function testTheNightIsTheHoursFromOneToFour(): void
    {
        $night = static fn(float $watts): array => self::log(array_fill(0, 5, ['night_w' => $watts]), self::system([
            'appliances' => [[
                'uid' => 'a1', 'name' => 'pump', 'side' => 'dc', 'watts' => 60,
                'hours' => ['s1' => [['from_h' => 3, 'to_h' => 4], ['from_h' => 4, 'to_h' => 11]]],
            ]],
        ]));
        self::assertArrayNotHasKey('unlisted', $night(34.9));
        $told = $night(36.0)['unlisted'] ?? [];
        self::assertEqualsWithDelta([36.0, 20.0, 24.0 * 16.0], [$told['measured'] ?? 0, $told['planned'] ?? 0, $told['day'] ?? 0], 1e-6);
    }

    private static function found(System $system, string $rule): ?Finding
    {
        foreach (Study::of($system)->assessment()->verdicts as $verdict) {
            if ($verdict->finding->rule === $rule) {
                return $verdict->finding;
            }
        }

        return null;
    }

    private static function amount(?Finding $finding, string $name): float
    {
        $amount = $finding?->args[$name];

        return $amount instanceof Amount ? $amount->value : -INF;
    }
}
