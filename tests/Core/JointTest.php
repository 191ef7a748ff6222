<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Joint\Chain;
use Pebblefell\Joint\Drop;
use Pebblefell\Joint\Segment;
use PHPUnit\Framework\TestCase;

/** The bad joint by name: closed forms, and simulated ways with a fault that the test has hidden. */
final class JointTest extends TestCase
{
    public function testADropTellsWhatStandsBetweenItsPoints(): void
    {
        $chain = Chain::of([Segment::of('a', 0.001, 0.0002), Segment::of('b', 0.002, 0.0002), Segment::of('c', 0.003, 0.0002)]);
        self::assertEqualsWithDelta(0.005, $chain->expectedOhm(1, 3), 1e-12);
        self::assertEqualsWithDelta(0.0002 * sqrt(2), $chain->spreadOhm(1, 3), 1e-12);
        // 0.5 V at 50 A: 10 mΩ, ± √((1.5 mV / 50 A)² + (2 % of 10 mΩ)²) = 0.2022 mΩ.
        $drop = Drop::of(0, 1, 0.5, 50.0);
        self::assertEqualsWithDelta(0.010, $drop->ohm(), 1e-12);
        self::assertEqualsWithDelta(0.00020224, $drop->sigmaOhm(), 1e-8);
        // Each measured by itself: the posterior is the reading drawn a hair towards the prior, σ² = 1 / (1/σm² + 1/σp²).
        $estimates = $chain->estimates([$drop]);
        $prior = 0.0002 ** 2 + 0.02 ** 2;
        $sigma = 1.0 / (1.0 / 0.00020224 ** 2 + 1.0 / $prior);
        self::assertEqualsWithDelta(sqrt($sigma), $estimates[0]['sigmaOhm'], 1e-8);
        self::assertEqualsWithDelta($sigma * (0.010 / 0.00020224 ** 2 + 0.001 / $prior), $estimates[0]['ohm'], 1e-8);
        self::assertEqualsWithDelta(0.002, $estimates[1]['ohm'], 1e-12, 'what was not measured stays as thought');
        self::assertEqualsWithDelta(1.0, array_sum([...$chain->suspects([$drop])['bad'], $chain->suspects([$drop])['sound']]), 1e-9);
    }

    public function testAMillionReadingsOfTheSumDoNotTellTheParts(): void
    {
        $chain = Chain::of([Segment::of('a', 0.001, 0.0002), Segment::of('b', 0.001, 0.0002)]);
        $bad = $chain->suspects(array_fill(0, 50, Drop::of(0, 2, 0.6, 60.0)))['bad'];
        self::assertEqualsWithDelta($bad[0], $bad[1], 1e-9);
        self::assertSame([0, 2], $chain->next([]));
        self::assertContains($chain->next([Drop::of(0, 2, 0.6, 60.0)]), [[0, 1], [1, 2]]);
    }

    /** 200 ways of 5 to 16 pieces, one of them with a bad joint of 2 to 15 mΩ; the meter and the clamp err as assumed. */
    public function testTheHiddenJointIsAmongTheFirstTwo(): void
    {
        mt_srand(41);
        $normal = static fn(): float => sqrt(
            -2.0 * log(1.0 - mt_rand() / (mt_getrandmax() + 1.0)),
        ) * cos(2.0 * M_PI * mt_rand() / mt_getrandmax());
        $hit = $first = 0;
        $taken = [];
        for ($case = 0; $case < 200; ++$case) {
            $segments = $true = [];
            for ($i = 0, $n = mt_rand(5, 16); $i < $n; ++$i) {
                $ohm = mt_rand(2, 20) / 10_000.0;
                $segments[] = Segment::of("s$i", $ohm, 0.15 * $ohm + 0.0001, (float) mt_rand(1, 3));
                $true[] = max(0.0, $ohm + $normal() * (0.15 * $ohm + 0.0001));
            }
            $fault = mt_rand(0, $n - 1);
            $true[$fault] += mt_rand(20, 150) / 10_000.0;
            $chain = Chain::of($segments);
            $drops = [];
            while (count($drops) < 12 && ($next = $chain->next($drops)) !== null) {
                $amps = (float) mt_rand(40, 120);
                $volts = array_sum(array_slice($true, $next[0], $next[1] - $next[0])) * $amps;
                $drops[] = Drop::of($next[0], $next[1], $volts + Drop::VOLTS * $normal(), $amps * (1.0 + Drop::SHARE * $normal()));
            }
            $bad = $chain->suspects($drops)['bad'];
            arsort($bad);
            $hit += in_array($fault, array_slice(array_keys($bad), 0, 2), true) ? 1 : 0;
            $first += array_key_first($bad) === $fault ? 1 : 0;
            $taken[] = count($drops);
        }
        self::assertGreaterThanOrEqual(190, $hit, "first: $first");
        self::assertGreaterThanOrEqual(180, $first);
        sort($taken);
        self::assertLessThanOrEqual(5, $taken[100], 'half of them are found with five readings or fewer');
        self::assertLessThanOrEqual(8, $taken[190]);
    }

    /** Sound ways are left in peace. */
    public function testASoundWayIsCalledSound(): void
    {
        mt_srand(43);
        $alarms = 0;
        for ($case = 0; $case < 100; ++$case) {
            $segments = [];
            $sum = 0.0;
            for ($i = 0; $i < 10; ++$i) {
                $ohm = mt_rand(2, 20) / 10_000.0;
                $segments[] = Segment::of("s$i", $ohm, 0.15 * $ohm + 0.0001);
                $sum += $ohm * (1.0 + 0.1 * (mt_rand(-100, 100) / 100.0));
            }
            $alarms += Chain::of($segments)->suspects([Drop::of(0, 10, $sum * 80.0, 80.0)])['sound'] < 0.5 ? 1 : 0;
        }
        self::assertLessThanOrEqual(5, $alarms);
    }
}
