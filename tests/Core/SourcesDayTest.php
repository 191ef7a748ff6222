<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Stage\Sources\SourcesDay;
use Pebblefell\Stage\Sources\SourcesDaySketch;
use Pebblefell\Study;
use Pebblefell\System\System;
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
}
