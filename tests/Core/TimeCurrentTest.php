<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Conductor\BreakerCurve;
use Pebblefell\Conductor\FuseFamily;
use Pebblefell\Conductor\TimeCurrent;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The bands against the gates of the fuse standards, from memory, and selectivity worked by hand. */
final class TimeCurrentTest extends TestCase
{
    /**
     * @return iterable<string, array{FuseFamily, float, float, float}> family, multiple, s at least, s at most
     */
    public static function gates(): iterable
    {
        // ISO 8820-3: 135 % 0.75 to 600 s, 200 % 0.15 to 5 s, 600 % within 0.1 s.
        yield 'blade 135 %' => [FuseFamily::Blade, 1.35, 0.75, 600.0];
        yield 'blade 200 %' => [FuseFamily::Blade, 2.0, 0.15, 5.0];
        yield 'blade 600 %' => [FuseFamily::Blade, 6.0, 0.0, 0.1];
        foreach ([FuseFamily::Sf30, FuseFamily::Sf51, FuseFamily::Strip, FuseFamily::Terminal, FuseFamily::ClassT] as $family) {
            yield "$family->value 135 %: within 30 minutes" => [$family, 1.35, 0.0, 1800.0];
            yield "$family->value 200 %: within a minute" => [$family, 2.0, 0.0, 60.0];
        }
        // UL 248-15: within 10 ms at ten times.
        yield 'class T at ten times' => [FuseFamily::ClassT, 10.0, 0.0, 0.01];
        // IEC 60269-6: 1.45 within the hour.
        yield 'gPV 145 %' => [FuseFamily::Gpv, 1.45, 0.0, 3600.0];
    }

    #[DataProvider('gates')]
    public function testABandKeepsWithinItsGates(FuseFamily $family, float $multiple, float $least, float $most): void
    {
        foreach ([30.0, 100.0] as $rating) {
            $fuse = TimeCurrent::of($family, $rating);
            self::assertGreaterThanOrEqual($least - 1e-9, $fuse->earliestS($multiple * $rating));
            self::assertLessThanOrEqual($most + 1e-9, $fuse->latestS($multiple * $rating));
            self::assertSame([INF, INF], [$fuse->earliestS(1.1 * $rating), $fuse->latestS(1.1 * $rating)], '110 % holds');
        }
    }

    /**
     * IEC 60898-1: 1.13 holds an hour, 1.45 trips within it, 2.55 within a minute; the magnet holds at 3, 5, 10 times and trips at 5, 10,
     * 20.
     */
    public function testABreakerTripsByHeatAndFromSomeCurrentOnAtOnce(): void
    {
        foreach ([[BreakerCurve::B, 3.0, 5.0], [BreakerCurve::C, 5.0, 10.0], [BreakerCurve::D, 10.0, 20.0]] as [$curve, $from, $to]) {
            $breaker = TimeCurrent::ofBreaker($curve, 32.0);
            self::assertSame(INF, $breaker->latestS(1.13 * 32.0), 'holds');
            self::assertLessThanOrEqual(3600.0 + 1e-6, $breaker->latestS(1.45 * 32.0));
            self::assertEqualsWithDelta(60.0, $breaker->latestS(2.55 * 32.0), 1e-6);
            self::assertGreaterThan(0.1, $breaker->earliestS(0.99 * $from * 32.0), "$curve->value: no magnet yet");
            self::assertLessThan(0.01, $breaker->earliestS(1.01 * $from * 32.0), "$curve->value: the magnet may trip");
            self::assertEqualsWithDelta(0.1, $breaker->latestS($to * 32.0), 1e-6, "$curve->value: it has tripped");
            self::assertEqualsWithDelta(0.1, $breaker->latestS(40.0 * $to * 32.0), 1e-6, 'and no sooner at more');
            $before = [INF, INF];
            for ($amps = 37.0; $amps < 3000.0; $amps *= 1.03) {
                $now = [$breaker->earliestS($amps), $breaker->latestS($amps)];
                self::assertTrue(
                    $now[0] <= $now[1] + 1e-9 && $now[0] <= $before[0] + 1e-9 && $now[1] <= $before[1] + 1e-9,
                    "$curve->value at $amps",
                );
                $before = $now;
            }
        }
        // A blade behind a curve C of four times its rating is alone until the magnet of the breaker may trip: 5 × 80 A.
        self::assertEqualsWithDelta(
            400.0,
            TimeCurrent::of(FuseFamily::Blade, 20.0)->clashesFromA(TimeCurrent::ofBreaker(BreakerCurve::C, 80.0), 2000.0),
            2.0,
        );
        // Two breakers by heat alone, one of five times the other, are apart all the way.
        self::assertNull(
            TimeCurrent::ofBreaker(BreakerCurve::Thermal, 10.0)->clashesFromA(TimeCurrent::ofBreaker(BreakerCurve::Thermal, 100.0), 90.0),
        );
    }

    public function testTimesFallAndTheQuickestIsNeverTheSlowest(): void
    {
        foreach (FuseFamily::cases() as $family) {
            $fuse = TimeCurrent::of($family, 100.0);
            $before = [INF, INF];
            for ($amps = 111.0; $amps < 20_000.0; $amps *= 1.07) {
                $now = [$fuse->earliestS($amps), $fuse->latestS($amps)];
                self::assertTrue($now[0] <= $now[1] && $now[0] <= $before[0] && $now[1] <= $before[1], "$family->value at $amps");
                $before = $now;
            }
            // Beyond the last gate ten times the current, a hundredth of the time.
            self::assertEqualsWithDelta($fuse->latestS(2000.0), 100.0 * $fuse->latestS(20_000.0), 1e-9);
        }
    }

    /**
     * Class T 300 A before 200 A at 1,354 A, 4.51 and 6.77 times their ratings: 10 · 0.005^(ln 2.257 / ln 2.5) and 0.5 · 0.02^(ln 1.354 /
     * ln 2) are 90 ms both.
     */
    public function testSelectivityByHand(): void
    {
        [$up, $down] = [TimeCurrent::of(FuseFamily::ClassT, 300.0), TimeCurrent::of(FuseFamily::ClassT, 200.0)];
        $from = $down->clashesFromA($up, 10_000.0);
        self::assertEqualsWithDelta(1354.0, $from ?? 0.0, 2.0);
        self::assertNull($down->clashesFromA($up, 1000.0), 'a short that drives no more');
        self::assertNull(TimeCurrent::of(FuseFamily::Blade, 10.0)->clashesFromA($up, 10_000.0), 'thirty to one');
        // Alike: from where the first may open at all.
        self::assertEqualsWithDelta(
            110.0,
            TimeCurrent::of(FuseFamily::Strip, 100.0)->clashesFromA(TimeCurrent::of(FuseFamily::Strip, 100.0), 6000.0) ?? 0.0,
            0.5,
        );
        // By brute force on a fine grid: nowhere below is there a clash, at once above there is.
        mt_srand(5);
        for ($n = 0; $n < 40; ++$n) {
            [$a, $b] = [FuseFamily::cases()[mt_rand(0, 6)], FuseFamily::cases()[mt_rand(0, 6)]];
            [$up, $down] = [TimeCurrent::of($a, (float) mt_rand(60, 400)), TimeCurrent::of($b, (float) mt_rand(10, 59))];
            $from = $down->clashesFromA($up, 8000.0) ?? 8000.0;
            for ($amps = 11.0; $amps < $from * 0.99; $amps *= 1.003) {
                self::assertFalse(
                    $up->earliestS($amps) < INF && $up->earliestS($amps) <= $down->latestS($amps),
                    "$a->value over $b->value at $amps",
                );
            }
        }
    }
}
