<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Assessment\Verdict;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Stage\Aftercare\LogDay;
use Pebblefell\Stage\Size\Growth;
use Pebblefell\Stage\Sources\EngineStart;
use Pebblefell\Stage\Survey\Condition;
use Pebblefell\Stage\Survey\SupplierQuestions;
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
        $study = Study::of(self::system([
            'travel' => ['months' => [12], 'wish_days' => 1, ...$travel],
            'place' => ['name' => 'P', 'latitude_deg' => 55, 'min_c' => array_fill(0, 12, 8), 'clearness' => array_fill(0, 12, 0.4)],
            ...self::load(['watts' => 60]),
        ], [
            self::part('p1', 'panel', self::PANEL),
            self::part('r1', 'regulator', ['max_pv_v' => 75, 'max_charge_a' => 15, 'technology' => 'mppt', 'lithium' => 'custom']),
        ]));
        $found = array_map(static fn(Verdict $v): Finding => $v->finding, $study->assessment()->verdicts);
        $short = array_filter($found, static fn(Finding $f): bool => $f->rule === 'sun-short');
        self::assertSame([$variant], array_values(array_map(static fn(Finding $f): string => $f->variant, $short)));
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
}
