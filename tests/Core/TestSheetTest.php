<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Stage\DayPlan\Chores;
use Pebblefell\Stage\DayPlan\RunSheet;
use Pebblefell\Stage\DayPlan\Standing;
use Pebblefell\Stage\NotedTick;
use Pebblefell\Stage\Test\Check;
use Pebblefell\Stage\Test\Proven;
use Pebblefell\Stage\Test\TestSheet;
use Pebblefell\Stage\Ticks;
use Pebblefell\Study;
use Pebblefell\System\JobFile;
use Pebblefell\System\System;
use PHPUnit\Framework\TestCase;

/** What is promised, by hand; what a reading then is; and how far a day stands. */
final class TestSheetTest extends TestCase
{
    use SoundSystem;

    /** Two like batteries in parallel, an inverter with its kettle, a DC-DC charger, an array of two panels in series. */
    private static function wired(): System
    {
        return self::system([
            'conductors' => [
                ['uid' => 'l1', 'from' => 'b1.plus', 'to' => 'b2.plus', 'size_mm2' => 50, 'length_m' => 0.3], [
                    'uid' => 'l2', 'from' => 'b1.minus', 'to' => 'b2.minus', 'size_mm2' => 50, 'length_m' => 0.3,
                ],
                ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in', 'size_mm2' => 50, 'length_m' => 0.5], [
                    'uid' => 'c2', 'from' => 'f1.out', 'to' => 'n1.battery_plus', 'size_mm2' => 50, 'length_m' => 1.0,
                ],
                [
                    'uid' => 'c3', 'from' => 'n1.battery_minus', 'to' => 'm0.system_minus', 'size_mm2' => 50, 'length_m' => 1.0,
                ], ['uid' => 'c4', 'from' => 'm0.battery_minus', 'to' => 'b2.minus', 'size_mm2' => 50, 'length_m' => 0.5],
            ],
            'appliances' => [
                [
                    'uid' => 'a1', 'name' => 'kettle', 'side' => 'ac', 'watts' => 1152,
                    'hours' => ['s1' => [['from_h' => 7, 'to_h' => 7.25]]],
                ],
            ],
        ], [
            self::part('n1', 'inverter', ['continuous_w' => 1500, 'efficiency_pct' => 90]), self::part('d1', 'dcdc', ['output_a' => 30]),
            self::part('r1', 'regulator', ['technology' => 'mppt', 'max_charge_a' => 20, 'max_pv_v' => 100, 'array_series' => 2]),
            self::part('v1', 'panel', self::PANEL), self::part('v2', 'panel', self::PANEL),
            self::part('e1', 'earth_leakage', ['rating_a' => 16, 'residual_ma' => 30]),
        ], batteries: 2);
    }

    private static function check(string $key): Check
    {
        return TestSheet::of(Study::of(self::wired()))->check($key) ?? self::fail("no $key");
    }

    public function testWhatIsPromisedByHand(): void
    {
        // 1152 W at 90 %, and 15 W for the inverter being on, from 12.8 V: 1295 W / 12.8 V, a quarter more or less.
        $kettle = self::check('load.0');
        self::assertSame([101.2, 75.9, 126.5], [$kettle->expected, $kettle->reading?->low, $kettle->reading?->high]);
        // Two panels in series: 2 × 22.4 V open; from 0.8 of 2 × 18.6 V to 1.15 of 44.8 V.
        $string = self::check('string.r1');
        self::assertSame([44.8, 29.8, 51.5], [$string->expected, $string->reading?->low, $string->reading?->high]);
        self::assertSame(
            [30.0, 21.0, 33.0],
            [self::check('source.d1')->expected, self::check('source.d1')->reading?->low, self::check('source.d1')->reading?->high],
        );
        // 200 W into 14.6 V: 13.7 A, less than the regulator's 20.
        self::assertEqualsWithDelta(13.7, self::check('source.r1')->expected ?? 0.0, 0.3);
        // IEC 61008-1: 300 ms at the rated residual current.
        self::assertFalse(self::check('leak.e1')->reading?->isGood(301.0));
        self::assertTrue(self::check('leak.e1')->reading->isGood(28.0));
        // Half each, within a tenth of the load: take-offs are across.
        self::assertEqualsWithDelta(0.5, self::check('share.b1')->expected ?? 0.0, 0.02);
        self::assertTrue(self::check('share.b1')->reading?->isGood(55.0, 100.0));
        self::assertFalse(self::check('share.b1')->reading->isGood(65.0, 100.0));
        // The way: 0.5 + 1 + 1 + 0.5 m of 50 mm² (IEC 60228 class 5: 0.386 Ω/km) at 50 °C, 8 lugs, 0.05 V / 100 A of the breaker, 0.05 V /
        // 300 A of the shunt.
        $ohm = 3.0 * 0.386e-3 * (1.0 + 0.00393 * 30.0) + 8 * 1e-4 + 0.05 / 100.0 + 0.05 / 300.0;
        self::assertEqualsWithDelta($ohm, self::check('way.n1')->expected ?? 0.0, 2e-5);
    }

    /** What a low source usually means, what the model knows of it first: its own limit, its run, an alternator whose volts come and go. */
    public function testWhatTheModelKnowsOfALowSourceIsNamedFirst(): void
    {
        $causes = static function (array $parts, array $change = []): array {
            $system = self::wired();
            $study = Study::of(JobFile::fromArray([
                ...$tree = JobFile::toArray($system), ...$change, 'parts' => [...$tree['parts'], ...$parts],
            ]));

            return [
                TestSheet::of($study)->check('source.d1')->causes ?? [], TestSheet::of($study)->check('source.r1')->causes ?? [],
            ];
        };
        self::assertSame(
            [['nearly-full', 'no-signal', 'input-drop', 'warm'], ['cloud', 'nearly-full', 'panel-out']],
            $causes([]),
        );
        $alternator = static fn(bool $variable): array => self::part('l1', 'alternator', ['rated_a' => 150, 'variable_volts' => $variable]);
        self::assertSame('smart-alternator', $causes([$alternator(true)])[0][0]);
        self::assertSame('nearly-full', $causes([$alternator(false)])[0][0]);
        self::assertSame('cloud', $causes([$alternator(true)])[1][0], 'the sun does not go by the engine');
        $limit = ['settings' => [['part' => 'd1', 'parameter' => 'charge_current_a', 'planned' => '20']]];
        self::assertSame('set-limit', $causes([], $limit)[0][0]);
        self::assertSame('cloud', $causes([], $limit)[1][0]);
    }

    public function testAReadingIsJudgedAtTheCurrentThatFlowed(): void
    {
        $sheet = TestSheet::of(Study::of(self::wired()));
        $verdict = static fn(NotedTick ...$ticks): array => array_column(
            array_map(static fn(array $r): array => [$r['check']->key, $r['verdict']], Proven::of($sheet, Ticks::of($ticks))->rows),
            1,
            0,
        );
        $said = $verdict(
            new NotedTick('way.n1', NotedTick::DONE, 0.30, amps: 100.0),
            new NotedTick('share.b1', NotedTick::DONE, 50.0),
            new NotedTick('polarity', NotedTick::DONE, -13.1),
            new NotedTick('tight', NotedTick::OTHERWISE, note: 'one lug turns'),
            new NotedTick('load.0', NotedTick::DONE, 96.0),
            new NotedTick('source.d1', NotedTick::DONE, 30.0),
            new NotedTick('source.d1', NotedTick::UNDONE),
        );
        self::assertSame(
            ['good', 'open', 'miss', 'miss', 'good', 'open'],
            [$said['way.n1'], $said['share.b1'], $said['polarity'], $said['tight'], $said['load.0'], $said['source.d1']],
        );
        self::assertSame('miss', $verdict(new NotedTick('way.n1', NotedTick::DONE, 1.2, amps: 100.0))['way.n1']);
        self::assertSame([], TestSheet::of(Study::of(self::system(['parts' => [], 'conductors' => []])))->checks);
    }

    public function testAGateIsOpenedByItsReadingAloneAndWaitsRunBesideTheWork(): void
    {
        $sheet = RunSheet::of(Study::of(self::wired()));
        $keys = array_map(static fn($s): string => $s->key, $sheet->steps);
        $stand = static fn(array $ticks, bool $balanced = false): Standing => Standing::of($sheet, Ticks::of($ticks), $balanced, true);
        $gate = (int) array_search('prove-lugs', $keys, true) ?: (int) array_search('prove-dead', $keys, true);
        self::assertGreaterThan(0, $gate);
        $before = array_map(static fn(string $k): NotedTick => new NotedTick($k, NotedTick::DONE, 0.0), array_slice($keys, 0, $gate));
        self::assertSame($gate, $stand($before)->next);
        self::assertNotNull($stand([...$before, new NotedTick($keys[$gate], NotedTick::DONE)])->rows[$gate + 1]['closed'], 'a tick');
        self::assertNotNull($stand([...$before, new NotedTick($keys[$gate], NotedTick::DONE, 12.6)])->rows[$gate + 1]['closed'], 'measured live');
        self::assertNull($stand([...$before, new NotedTick($keys[$gate], NotedTick::DONE, 0.1)])->rows[$gate + 1]['closed']);
        // What is done is out of the timetable; the charge needs no hands and begins at once.
        $tasks = array_column(Chores::of($stand([]), 1)->tasks, null, 'id');
        self::assertTrue($tasks['charge']->waits);
        self::assertSame(['before'], $tasks['charge']->after);
        self::assertSame(['fit', 'charge'], $tasks['balance']->after);
        $left = array_column(Chores::of($stand($before), 1)->tasks, null, 'id');
        self::assertArrayNotHasKey('before', $left);
        self::assertSame([], $left['charge']->after);
        // Panels that were glued ten hours before the work goes on cure for fourteen more.
        $glued = RunSheet::of(
            Study::of(
                self::system(
                    parts: [
                        self::part('r1', 'regulator', ['technology' => 'mppt', 'max_charge_a' => 20]),
                        self::part('v1', 'panel', self::PANEL),
                    ],
                ),
            ),
        );
        $day = Standing::of($glued, Ticks::of([new NotedTick('glue-panels', NotedTick::DONE, atS: 1000.0)]), true, true);
        self::assertSame(14.0, array_column(Chores::of($day, 1, [], null, 1000.0 + 36_000.0)->tasks, null, 'id')['cure']->hours);
        self::assertArrayNotHasKey('cure', array_column(Chores::of($day, 1, [], null, 1000.0 + 90_000.0)->tasks, null, 'id'));
        self::assertSame(
            3.5,
            array_column(Chores::of($stand([]), 1, [], 3.5)->tasks, null, 'id')['charge']->hours,
            'by Balance’s own forecast',
        );
    }
}
