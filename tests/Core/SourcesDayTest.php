<?php

declare(strict_types=1);

namespace Tests\Core;

use LogicException;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Quantity\DayHours;
use Pebblefell\Quantity\HourSpan;
use Pebblefell\Stage\Sources\SourcesDay;
use Pebblefell\Stage\Sources\SourcesDaySketch;
use Pebblefell\Study;
use Pebblefell\System\System;
use Pebblefell\Trip\DayLoads;
use Pebblefell\Trip\DaySum;
use Pebblefell\Trip\MainsSource;
use Pebblefell\Trip\Outcome;
use Pebblefell\Trip\SolarSource;
use Pebblefell\Trip\Store;
use Pebblefell\Trip\Trip;
use Pebblefell\Trip\TripDay;
use Pebblefell\Trip\WeatherDay;
use PHPUnit\Framework\TestCase;

/** All sources of a plan in one day. */
final class SourcesDayTest extends TestCase
{
    use SoundSystem;

    /**
     * @param list<array<string, mixed>> $more
     * @param array<string, mixed>       $regulator
     */
    private static function vehicle(array $more = [], array $regulator = [], int $panels = 4): System
    {
        return self::system([
            'travel' => ['months' => [6, 12], 'wish_days' => 1, 'hook_up' => 'sometimes', 'driving_h_day' => 2],
            'place' => ['name' => 'P', 'latitude_deg' => 55, 'min_c' => array_fill(0, 12, 8), 'clearness' => array_fill(0, 12, 0.45)],
        ], [
            ...array_map(static fn(int $i): array => self::part("p$i", 'panel', self::PANEL), range(1, $panels)),
            self::part(
                'r1',
                'regulator',
                ['technology' => 'mppt', 'max_charge_a' => 12, 'max_pv_v' => 75, 'lithium' => 'custom', ...$regulator],
            ),
            self::part('d1', 'dcdc', ['output_a' => 30, 'lithium' => 'custom']),
            self::part('l1', 'alternator', ['rated_a' => 120, 'regulated_v' => 14.2], 'keep', ['role' => 'starter']),
            ...$more,
        ]);
    }

    public function testTheSunComesAtItsHourTheEngineAtItsAndAPostAtAny(): void
    {
        $day = SourcesDay::of(Study::of(self::vehicle()), 6);
        self::assertNotNull($day);
        [$bright, $usual] = [$day->sunA('bright'), $day->sunA('usual')];
        // 400 W in a bright June at 55° would give more than the regulator's 12 A; it is never passed, and nothing comes at night.
        self::assertSame(12.0, max([0.0, ...$bright]));
        self::assertSame([0.0, 0.0], [$bright[0], $bright[95]]);
        self::assertLessThan(array_sum($bright), array_sum($usual));
        // As much before noon as after it.
        self::assertEqualsWithDelta(array_sum(array_slice($bright, 0, 48)), array_sum(array_slice($bright, 48)), 0.02 * array_sum($bright));
        // 30 A for two hours from nine on, at the charging volts.
        self::assertEqualsWithDelta(2.0 * 30.0 * $day->volts, $day->wh(...$day->engine), 1e-6);
        self::assertSame([0.0, 30.0, 30.0, 0.0], [$day->engine[35], $day->engine[36], $day->engine[43], $day->engine[44]]);
        self::assertSame([30.0, 0.0], [$day->mainsA, $day->generatorA]);
        // 20 W of lamp through the day on 12 V.
        self::assertEqualsWithDelta(20.0 / 12.0, $day->used[50], 1e-9);
        // Driven in the sun, or hooked up in it: the larger of the two.
        $noon = 12.0 + 30.0;
        self::assertEqualsWithDelta($noon, $day->mostA(), 1e-9);
        // The bank takes half of its 100 Ah in an hour, as nothing is noted.
        self::assertSame(50.0, $day->limit->value);
        $sketch = SourcesDaySketch::of($day, false);
        self::assertCount(1, $sketch->arrays);
        self::assertNotNull($sketch->limit, 'a limit near what comes is drawn');
    }

    public function testWhatBelongsElsewhereOrDoesNotReachBringsNothing(): void
    {
        $june = SourcesDay::of(Study::of(self::vehicle()), 6);
        $december = SourcesDay::of(Study::of(self::vehicle()), 12);
        self::assertLessThan(0.3 * $june?->wh(...$june->sunA('bright')), $december?->wh(...$december->sunA('bright')));
        // A generator gives what its watts make of the charger, no more than the charger's amps.
        $drum = SourcesDay::of(Study::of(self::vehicle([self::part('g1', 'generator', ['continuous_w' => 200])])), 6);
        self::assertEqualsWithDelta(200.0 * 0.85 / $drum?->volts, $drum?->generatorA, 2.0);
        // A PWM regulator passes the panels' own amps on, without its limit: 4 × 5.75 A of short-circuit current in full sun, less losses.
        $pwm = SourcesDay::of(Study::of(self::vehicle(regulator: ['technology' => 'pwm', 'max_charge_a' => 60])), 6);
        self::assertGreaterThan(12.0, max([0.0, ...$pwm?->sunA('bright') ?? []]));
        self::assertLessThan(4 * 5.75, max([0.0, ...$pwm?->sunA('bright') ?? []]));
    }

    public function testInputsOfOneBoxThatExcludeOneAnotherComeByTurnsInTheDayAndThroughTheYear(): void
    {
        // The sun's input shut while the engine charges, or the engine's while the sun does; the box is the DC-DC charger's.
        $box = static fn(array $sun, array $engine): Study => Study::of(self::system([
            'travel' => ['months' => [6], 'wish_days' => 1, 'hook_up' => 'never', 'driving_h_day' => 2],
            'place' => ['name' => 'P', 'latitude_deg' => 55, 'min_c' => array_fill(0, 12, 8), 'clearness' => array_fill(0, 12, 0.45)],
            ...self::load(['watts' => 60]),
        ], [
            ...array_map(static fn(int $i): array => self::part("p$i", 'panel', self::PANEL), range(1, 4)),
            self::part('d1', 'dcdc', ['output_a' => 30, 'lithium' => 'custom', ...$engine]),
            self::part(
                'r1',
                'regulator',
                ['technology' => 'mppt', 'max_charge_a' => 30, 'max_pv_v' => 75, 'lithium' => 'custom', ...$sun],
                'add',
                ['part_of' => 'd1'],
            ),
            self::part('l1', 'alternator', ['rated_a' => 120], 'keep', ['role' => 'starter']),
        ]));
        [$both, $sunWaits, $engineWaits] = [$box([], []), $box(['gives_way' => true], []), $box([], ['gives_way' => true])];
        $day = static fn(Study $s): SourcesDay => SourcesDay::of($s, 6) ?? throw new LogicException();
        // From nine to eleven, in June: one of the two, and the other is as before.
        $at = static fn(Study $s): array => [$day($s)->sunA('bright')[40] > 0.0, $day($s)->engine[40]];
        self::assertSame([[true, 30.0], [false, 30.0], [true, 0.0]], [$at($both), $at($sunWaits), $at($engineWaits)]);
        self::assertSame($day($both)->sunA('bright')[60], $day($sunWaits)->sunA('bright')[60]);
        // The same in the simulation: what the box brings in a driven June, of sun and of engine.
        $brings = static function (Study $s): array {
            $setup = $s->trip();
            $outcome = $setup === null ? null : $setup->trip->through($setup->lived(6, 10, 2.0), 30.0);

            return [
                $outcome?->sum(static fn(DaySum $d): float => $d->solarOfferedWh()) ?? 0.0,
                $outcome?->sum(static fn(DaySum $d): float => $d->alternatorWh) ?? 0.0,
            ];
        };
        [$withBoth, $withSunWaiting, $withEngineWaiting] = [$brings($both), $brings($sunWaits), $brings($engineWaits)];
        self::assertLessThan($withBoth[0] - 100.0, $withSunWaiting[0], 'two hours of ten mornings are missing');
        self::assertGreaterThan(0.7 * $withBoth[0], $withSunWaiting[0]);
        self::assertEqualsWithDelta($withBoth[0], $withEngineWaiting[0], 0.01 * $withBoth[0], 'the sun is as before');
        self::assertSame(0.0, $withEngineWaiting[1], 'in June at 55° it is light from nine to eleven');
        self::assertGreaterThan(0.0, $withBoth[1]);
    }

    public function testABoxThatPrefersTheSunBringsNoMoreFromAPostWhileItShines(): void
    {
        $box = static fn(array $own, string $of = 'm1'): SourcesDay => SourcesDay::of(Study::of(self::system([
            'travel' => ['months' => [6], 'wish_days' => 1, 'hook_up' => 'always', 'driving_h_day' => 0],
            'place' => ['name' => 'P', 'latitude_deg' => 55, 'min_c' => array_fill(0, 12, 8), 'clearness' => array_fill(0, 12, 0.45)],
            ...self::load(['watts' => 60]),
        ], [
            ...array_map(static fn(int $i): array => self::part("p$i", 'panel', self::PANEL), range(1, 4)),
            self::part('m1', 'mains_charger', ['output_a' => 40, 'lithium' => 'custom', ...$own]),
            self::part(
                'r1',
                'regulator',
                ['technology' => 'mppt', 'max_charge_a' => 30, 'max_pv_v' => 75, 'lithium' => 'custom'],
                'add',
                $of === '' ? [] : ['part_of' => $of],
            ),
        ])), 6) ?? throw new LogicException();
        [$both, $waits, $apart] = [$box([]), $box(['gives_way' => true]), $box(['gives_way' => true], '')];
        // Beside the vehicle's other charger of 30 A.
        self::assertSame([70.0, 30.0, 70.0], [$both->mainsBesideSunA, $waits->mainsBesideSunA, $apart->mainsBesideSunA]);
        // At midnight the whole charger, at noon it or the sun; the most is what a box gives by its larger input.
        [$noon, $sun] = [intdiv(count($both->used), 2), $both->sunA('bright')];
        self::assertSame([70.0, 70.0], [$both->postA()[0], $waits->postA()[0]]);
        self::assertSame([$sun[$noon] + 70.0, $sun[$noon] + 30.0], [$both->postA()[$noon], $waits->postA()[$noon]]);
        self::assertSame([max([0.0, ...$sun]) + 70.0, max([40.0, ...$sun]) + 30.0], [$both->mostA(), $waits->mostA()]);
    }

    public function testAnArrayThatGivesWayToTheMainsBringsNothingOnAPost(): void
    {
        $days = static fn(bool $hooked): array => array_fill(0, 3, new TripDay(new WeatherDay(172, 6, 0.5, 15.0, 15.0), false, $hooked));
        $trip = static fn(bool $waits, ?float $besideA = null): Trip => Trip::of(
            Store::of(Chemistry::Lfp, 4, 400.0),
            DayLoads::of(Study::of(self::vehicle())->loads()->budget, 96),
            55.0,
            [SolarSource::of(200.0, idleOnMains: $waits)],
            null,
            MainsSource::of(3000.0, 10.0, DayHours::of([HourSpan::of(0.0, 12.0)]), besideSunA: $besideA),
        );
        $sun = static fn(bool $waits, bool $hooked): float => $trip($waits)->through($days($hooked), 30.0)->sum(
            static fn(DaySum $d): float => $d->solarOfferedWh(),
        );
        self::assertEqualsWithDelta($sun(false, true), $sun(true, false), 1e-6, 'without a post it is as any other');
        // The post is there till noon, by solar time: half of the day's sun is left.
        self::assertEqualsWithDelta(0.5 * $sun(false, true), $sun(true, true), 0.02 * $sun(false, true));
        // The other way round: the charger waits for the sun, and the sun is as before.
        $given = static fn(?float $besideA): Outcome => $trip(false, $besideA)->through($days(true), 30.0);
        $mains = static fn(Outcome $o): float => $o->sum(static fn(DaySum $d): float => $d->shoreWh);
        [$whole, $half, $waiting] = [$given(null), $given(5.0), $given(0.0)];
        self::assertGreaterThan($mains($half) + 50.0, $mains($whole));
        self::assertGreaterThan($mains($waiting) + 50.0, $mains($half));
        self::assertGreaterThan(0.0, $mains($waiting), 'it charges at night');
    }
}
