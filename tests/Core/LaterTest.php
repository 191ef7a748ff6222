<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Stage\Size\Chosen;
use Pebblefell\Stage\Wiring\BankMoved;
use Pebblefell\Stage\Wiring\Later;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\System;
use PHPUnit\Framework\TestCase;

/** What a promise for later takes from the start. */
final class LaterTest extends TestCase
{
    use SoundSystem;

    /**
     * @param array<string, mixed> $fuse
     */
    private static function van(array $fuse = [], float $mm2 = 50.0): System
    {
        $run = static fn(string $uid, string $from, string $to, float $m): array => [
            'uid' => $uid, 'from' => $from, 'to' => $to, 'size_mm2' => $mm2, 'length_m' => $m, 'insulation_c' => 90.0,
        ];

        return self::system([
            'conductors' => [
                $run('c1', 'b1.plus', 'f9.in', 0.2), $run('c2', 'f9.out', 'q1.in', 0.3), $run('c3', 'q1.out', 'v1.battery_plus', 0.8),
            ],
            ...self::load(['side' => 'ac', 'watts' => 900]),
        ], [
            self::part('f9', 'fuse', ['rating_a' => 125, 'family' => 'class_t', ...$fuse]),
            self::part('q1', 'switch', ['rating_a' => 150]),
            self::part('v1', 'inverter', ['continuous_w' => 1000, 'efficiency_pct' => 90, 'input_v' => 12]),
        ], [...self::LFP, 'internal_mohm' => 4.0]);
    }

    public function testALargerInverterWantsMoreOfEverythingOnItsWay(): void
    {
        $later = Later::inverter(Study::of(self::van()), 2000.0);
        self::assertNotNull($later);
        // 2,000 W out of 90 % on 12 V are 185.2 A; the fuse 1.25 times that, 231.5: the next that is made is 250. (SF51, class T.)
        self::assertEqualsWithDelta(185.2, $later->amps, 0.1);
        self::assertSame(
            [['f9', 125.0, 250.0]],
            array_map(static fn(array $f): array => [$f['part']->uid, $f['now'], $f['later']], $later->fuses),
        );
        // The switch is made for 150 A.
        self::assertSame(['q1'], array_column(array_column($later->parts, 'part'), 'uid'));
        // ISO 10133: 50 mm² of 90 °C insulation carries 230 A, 70 mm² 285: what the fuse of 250 A lets through.
        self::assertSame(
            [[50.0, 70.0, 0.3], [50.0, 70.0, 0.8]],
            array_map(static fn(array $r): array => [$r['nowMm2'], $r['laterMm2'], $r['metres']], array_slice($later->runs, -2)),
        );
        // 40 of copper, and half an hour at 74.
        self::assertSame([77.0, null, null], [Later::changedLater(40.0, 74.0), Later::changedLater(null, 74.0), Later::changedLater(40.0, null)]);
        // No size carries the 600 A that the fuse for 5,000 W lets through: two of 95 mm² carry 330 A each; where its terminal takes 70 mm²
        // at most, three of 50 carry 230 each.
        $beside = static fn(System $s): array => array_map(
            static fn(array $r): array => [$r['count'], $r['laterMm2']],
            Later::inverter(Study::of($s), 5000.0)->runs ?? [],
        );
        self::assertSame([2, 95.0], $beside(self::van())[1]);
        self::assertSame([3, 50.0], $beside(self::van(['terminal_mm2' => 70]))[1]);
        // No larger than it is, or fitted for it from the start: nothing is wanted.
        self::assertSame([], Later::inverter(Study::of(self::van(['rating_a' => 250], 70.0)), 1000.0)?->fuses);
        $ready = Later::inverter(Study::of(self::van(['rating_a' => 250], 70.0)), 1500.0);
        self::assertSame([[], [], []], [$ready?->runs, $ready?->fuses, $ready?->parts]);
        // Not drawn to it: nobody can say.
        self::assertNull(Later::inverter(Study::of(self::system(parts: [self::part('v1', 'inverter', ['continuous_w' => 1000])])), 2000.0));
    }

    public function testOneMoreBatteryDrivesMoreIntoAShort(): void
    {
        $grown = static fn(System $s): Study => Study::of(Plan::with($s, Chosen::bank($s, $s->parts['b1'], 2)));
        $now = (float) Study::of(self::van())->circuit()->shortAt(self::van()->parts['f9']);
        $then = (float) $grown(self::van())->circuit()->shortAt(self::van()->parts['f9']);
        self::assertGreaterThan(1.2 * $now, $then, 'two side by side');
        $fuse = self::van(['interrupt_a' => ($now + $then) / 2.0]);
        $later = Later::battery(Study::of($fuse), $grown($fuse));
        self::assertSame(['f9'], array_column(array_column($later->breaks, 'part'), 'uid'));
        self::assertEqualsWithDelta($then, $later->breaks[0]['later'], 1.0);
        foreach ([0.9 * $now, 1.1 * $then] as $breaks) {
            $system = self::van(['interrupt_a' => $breaks]);
            self::assertSame(
                [],
                Later::battery(Study::of($system), $grown($system))->breaks,
                'too little today is today’s finding; enough for both is none',
            );
        }
    }

    /** 75 A lasting and at worst over 12 V: what the lead wants and loses, by hand. */
    public function testTheBankFartherAwayCostsCopperAndVolts(): void
    {
        $study = Study::of(self::van(['rating_a' => 100, 'terminal_mm2' => 240]));
        $moved = BankMoved::by($study, [-0.7, 0.0, 2.0, 6.0]);
        self::assertEqualsWithDelta([0.1, 0.8, 2.8, 6.8], array_column($moved, 'metres'), 1e-9);
        [$near, $now, , $far] = $moved;
        // 900 W out of 90 % and the inverter's own idle: I = P / 12 V. IEC 60228 class 5, mΩ/m at 20 °C; 0.00393/K (IEC 60028).
        $amps = BankMoved::mainRun($study)?->current()->value ?? 0.0;
        $table = ['16' => 1.21, '25' => 0.780, '35' => 0.554, '50' => 0.386, '70' => 0.272, '95' => 0.206, '120' => 0.161];
        foreach ($moved as $m) {
            $area = $m->wants['count'] * $m->wants['mm2'];
            $ohm = 2.0 * $m->metres * $table[(string) $m->wants['mm2']] / 1000.0 * (1.0 + 0.00393 * 30.0) / $m->wants['count'];
            self::assertEqualsWithDelta($amps * $ohm, $m->lostV, 0.01 * $m->lostV, 'Ohm');
            self::assertLessThanOrEqual(0.36 + 1e-6, $m->lostV, 'no more than 3 % on this run');
            self::assertEqualsWithDelta(2.0 * $m->metres * $area * 8.96e-3, $m->kg, 1e-9, 'two leads of copper');
            // The load is on all day: I²R for 24 h.
            self::assertEqualsWithDelta(24.0 * $amps ** 2 * $ohm, $m->lostWh, 0.05 * $m->lostWh);
        }
        self::assertGreaterThan($now->wants['count'] * $now->wants['mm2'], $far->wants['count'] * $far->wants['mm2']);
        self::assertLessThan($now->kg, $near->kg);
        self::assertSame([], BankMoved::by(Study::of(self::system()), [1.0]), 'nothing is measured');
    }
}
