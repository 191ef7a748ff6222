<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Calculation\Opens;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage\Wiring\SafePoint;
use Pebblefell\Study;
use Pebblefell\System\JobFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What stays live when something opens: six systems as a fitter would draw them, and random ones against a search of the test's own. */
final class OpensTest extends TestCase
{
    /**
     * @param array<string, string>       $parts  kind by uid
     * @param list<array{string, string}> $joined
     *
     * @return array<string, mixed> a job file
     */
    private static function job(array $parts, array $joined): array
    {
        $data = [
            'battery' => ['chemistry' => 'lfp', 'nominal_v' => 12.8, 'capacity_ah' => 100], 'panel' => ['pmax_w' => 100],
            'regulator' => ['technology' => 'mppt', 'max_charge_a' => 30], 'fuse' => ['rating_a' => 100],
            'breaker' => ['rating_a' => 50], 'switch' => ['rating_a' => 200], 'busbar' => ['rating_a' => 300],
            'alternator' => ['rated_a' => 120], 'dcdc' => ['output_a' => 30], 'isolator' => ['method' => 'relay'],
            'inverter' => ['continuous_w' => 1000], 'inverter_charger' => ['continuous_w' => 1000, 'charge_a' => 30],
            'mains_charger' => ['output_a' => 30], 'low_voltage_disconnect' => ['rating_a' => 60],
            'earth_leakage' => ['rating_a' => 16], 'shore_inlet' => ['rating_a' => 16], 'distribution_box' => ['circuits' => 6],
        ];
        $rows = [];
        foreach ($parts as $uid => $kind) {
            $rows[] = ['uid' => $uid, 'kind' => $kind, 'fate' => 'add', 'data' => $data[$kind]];
        }

        return [
            'title' => 'T', 'region' => 'europe', 'target_chemistry' => 'lfp', 'client' => ['name' => 'C'], 'vehicle' => [
                'kind' => 'van',
                'system_v' => 12,
            ], 'travel' => ['months' => [6]],
            'parts' => $rows,
            'conductors' => array_map(
                static fn(array $ends, int $i): array => ['uid' => "c$i", 'from' => $ends[0], 'to' => $ends[1], 'fate' => 'add'],
                $joined,
                array_keys($joined),
            ),
        ];
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>, list<string>, list<string>, list<string>}> job,
     *     question, live, dark, endangered as "uid rule"
     */
    public static function drawn(): iterable
    {
        $house = self::job(
            [
                'b1' => 'battery', 'f1' => 'fuse', 'bus' => 'busbar', 'box' => 'distribution_box', 'inv' => 'inverter',
                'rcd' => 'earth_leakage',
            ],
            [
                ['b1.plus', 'f1.in'], ['f1.out', 'bus.bar'], ['bus.bar', 'box.supply_plus'], ['bus.bar', 'inv.battery_plus'],
                ['inv.ac_out', 'rcd.line'],
            ],
        );
        yield 'all closed' => [$house, [], ['b1', 'box', 'bus', 'f1', 'inv', 'rcd'], [], []];
        yield 'the main fuse is out' => [$house, ['open' => ['f1']], ['b1', 'f1'], ['box', 'bus', 'inv', 'rcd'], []];
        yield 'the BMS opened' => [$house, ['open' => ['b1']], [], ['b1', 'box', 'bus', 'f1', 'inv', 'rcd'], []];
        yield 'the inverter is off' => [$house, ['open' => ['inv']], ['b1', 'box', 'bus', 'f1', 'inv'], ['rcd'], []];
        $solar = self::job(
            ['b1' => 'battery', 's1' => 'switch', 'bus' => 'busbar', 'r1' => 'regulator', 'q1' => 'panel', 'box' => 'distribution_box'],
            [
                ['b1.plus', 's1.in'], ['s1.out', 'bus.bar'], ['bus.bar', 'r1.battery_plus'], ['q1.plus', 'r1.pv_plus'],
                ['r1.load_plus', 'box.supply_plus'],
            ],
        );
        yield 'switched off in the sun, the regulator goes on' => [
            $solar, ['open' => ['s1'], 'sun' => true], ['b1', 'box', 'bus', 'q1', 'r1', 's1'], [], ['r1 regulator-loses-battery'],
        ];
        yield 'switched off at night' => [$solar, ['open' => ['s1']], ['b1', 's1'], ['bus', 'r1'], []];
        yield 'the panels are covered' => [$solar, ['open' => ['q1'], 'sun' => true], ['b1', 'bus', 'r1', 's1'], ['box', 'q1'], []];
        yield 'the BMS opens in the sun' => [
            $solar, ['open' => ['b1'], 'sun' => true], ['b1', 'box', 'bus', 'q1', 'r1', 's1'], [], ['r1 regulator-loses-battery'],
        ];
        $series = self::job(
            ['b1' => 'battery', 'b2' => 'battery', 'b3' => 'battery', 'f1' => 'fuse', 'f2' => 'fuse'],
            [['b1.plus', 'b2.minus'], ['b2.plus', 'f1.in'], ['b3.plus', 'f2.in'], ['f1.out', 'f2.out']],
        );
        yield 'one block of a string opens' => [$series, ['open' => ['b1']], ['b2', 'b3', 'f1', 'f2'], ['b1'], []];
        $road = self::job(
            ['alt' => 'alternator', 'b0' => 'battery', 'd1' => 'dcdc', 'b1' => 'battery', 'm1' => 'fuse', 'm2' => 'fuse'],
            [
                ['alt.plus', 'm1.in'], ['m1.out', 'b0.plus'], ['b0.plus', 'd1.input_plus'], ['d1.output_plus', 'm2.in'],
                ['m2.out', 'b1.plus'],
            ],
        );
        yield 'the engine runs and the lead to the battery is out' => [
            $road, ['open' => ['m1'], 'engine' => true], ['alt', 'b0', 'b1', 'd1', 'm1', 'm2'], [], ['alt alternator-loses-load'],
        ];
        yield 'both batteries open while driving' => [
            $road, ['open' => ['b0', 'b1'], 'engine' => true], ['alt', 'b0', 'b1', 'd1', 'm1', 'm2'], [],
            ['alt alternator-loses-load'],
        ];
        yield 'the house bank open, standing' => [$road, ['open' => ['b1']], ['alt', 'b0', 'd1', 'm1'], ['b1', 'm2'], []];
        $relay = self::job(
            ['alt' => 'alternator', 'i1' => 'isolator', 'b1' => 'battery'],
            [['alt.plus', 'i1.starter'], ['i1.house', 'b1.plus']],
        );
        yield 'through the relay, with the engine' => [$relay, ['engine' => true], ['alt', 'b1', 'i1'], [], []];
        yield 'the relay is out' => [$relay, ['engine' => true, 'open' => ['i1']], ['alt', 'b1', 'i1'], [], ['alt alternator-loses-load']];
        $mains = self::job(
            [
                'in' => 'shore_inlet', 'rcd' => 'earth_leakage', 'ic' => 'inverter_charger', 'b1' => 'battery',
                'k1' => 'mains_charger', 'out' => 'breaker',
            ],
            [
                ['in.ac_out', 'rcd.line'], ['rcd.load', 'ic.ac_in'], ['ic.ac_out', 'out.in'], ['ic.battery_plus', 'b1.plus'],
                ['out.out', 'k1.ac_in'], ['k1.output_plus', 'b1.plus'],
            ],
        );
        yield 'unplugged, the outlets live on' => [$mains, [], ['b1', 'ic', 'k1', 'out'], [], []];
        yield 'plugged in with a dead bank' => [
            $mains, ['open' => ['b1'], 'shore' => true], ['b1', 'ic', 'in', 'k1', 'out', 'rcd'], [], [],
        ];
        yield 'a dead bank and no mains' => [$mains, ['open' => ['b1']], [], ['b1', 'ic', 'k1', 'out'], []];
        yield 'the earth-leakage breaker fell' => [
            $mains, ['open' => ['rcd'], 'shore' => true], ['b1', 'ic', 'in', 'k1', 'out', 'rcd'], [], [],
        ];
    }

    /**
     * @param array<string, mixed> $job
     * @param array<string, mixed> $question
     * @param list<string>         $live
     * @param list<string>         $dark
     * @param list<string>         $endangered
     */
    #[DataProvider('drawn')]
    public function testASystemDrawnByHand(array $job, array $question, array $live, array $dark, array $endangered): void
    {
        $out = Opens::run(['system' => $job, ...$question]);
        self::assertSame(
            [$live, $dark, $endangered],
            [$out['live'], $out['dark'], array_map(static fn(array $e): string => "$e[uid] $e[rule]", $out['endangered'])],
        );
    }

    public function testOnlyPartsOfThatStateMayBeOpen(): void
    {
        [$job] = iterator_to_array(self::drawn())['all closed'];
        foreach ([['planned', ['f1', 'f9'], '/open/1'], ['found', ['f1'], '/open/0']] as [$state, $open, $path]) {
            try {
                Opens::run(['system' => $job, 'state' => $state, 'open' => $open]);
                self::fail('taken in');
            } catch (InvalidValue $e) {
                self::assertSame($path, $e->path);
            }
        }
    }

    /** Random chains of fuses, switches and bars between batteries, against a breadth-first search written here. */
    public function testRandomSystemsAgainstASearchOfItsOwn(): void
    {
        mt_srand(11);
        for ($round = 0; $round < 60; ++$round) {
            $parts = ['b1' => 'battery', 'b2' => 'battery'];
            for ($i = 1; $i <= 7; ++$i) {
                $parts["x$i"] = ['fuse', 'switch', 'busbar', 'breaker'][mt_rand(0, 3)];
            }
            $ends = ['b1.plus', 'b2.plus'];
            foreach ($parts as $uid => $kind) {
                array_push($ends, ...match ($kind) {
                    'battery' => [],
                    'busbar' => ["$uid.bar"],
                    default => ["$uid.in", "$uid.out"],
                });
            }
            $joined = [];
            for ($i = 0; $i < 9; ++$i) {
                [$a, $b] = [$ends[mt_rand(0, count($ends) - 1)], $ends[mt_rand(0, count($ends) - 1)]];
                if ($a !== $b) {
                    $joined[] = [$a, $b];
                }
            }
            $open = array_values(array_filter(array_keys($parts), static fn(string $u): bool => mt_rand(0, 3) === 0));
            $out = Opens::run(['system' => self::job($parts, $joined), 'open' => $open]);
            self::assertSame(self::searched($parts, $joined, $open), $out['live']);
            self::assertSame(array_values(array_diff(self::searched($parts, $joined, []), $out['live'])), $out['dark']);
        }
    }

    /** The cheapest way to make a part dead, against every set of openers, fuses and lugs there is. */
    public function testTheSafePointOfRandomSystemsIsTheCheapestThatThereIs(): void
    {
        mt_srand(23);
        $compared = 0;
        for ($round = 0; $round < 60; ++$round) {
            $parts = ['b1' => 'battery', 'b2' => 'battery'];
            for ($i = 1; $i <= 6; ++$i) {
                $parts["x$i"] = ['fuse', 'switch', 'busbar', 'breaker'][mt_rand(0, 3)];
            }
            [$joined, $ends] = [[], array_merge(...array_map(static fn(string $u, string $k): array => match ($k) {
                'battery' => ["$u.plus"],
                'busbar' => ["$u.bar"],
                default => ["$u.in", "$u.out"],
            }, array_keys($parts), $parts))];
            for ($i = 0; $i < 9; ++$i) {
                [$a, $b] = [$ends[mt_rand(0, count($ends) - 1)], $ends[mt_rand(0, count($ends) - 1)]];
                if ($a !== $b) {
                    $joined[] = [$a, $b];
                }
            }
            $target = 'x' . mt_rand(1, 6);
            $safe = SafePoint::of(Study::of(JobFile::fromArray(self::job($parts, $joined))), $target);
            if ($safe === null) {
                continue;
            }
            /** @var array<string, int> $cost */
            $cost = ['switch' => 1, 'breaker' => 1, 'fuse' => 2, 'battery' => 5];
            $openers = array_keys(array_filter($parts, static fn(string $k): bool => isset($cost[$k])));
            $openers = array_values(array_diff($openers, [$target]));
            $least = INF;
            for ($set = 0; $set < 1 << count($openers); ++$set) {
                $open = array_values(
                    array_filter($openers, static fn(string $u, int $i): bool => ($set >> $i & 1) === 1, ARRAY_FILTER_USE_BOTH),
                );
                if (!in_array($target, self::searched($parts, $joined, $open), true)) {
                    $least = min($least, array_sum(array_map(static fn(string $u): int => $cost[$parts[$u]], $open)));
                }
            }
            $found = array_sum(array_map(static fn(array $s): int => $cost[$s['parts'][0]->kind->value], $safe->steps));
            self::assertEquals($least, $found, "round $round, $target");
            ++$compared;
        }
        self::assertGreaterThan(30, $compared);
    }

    /** Worked by hand: the array's switch first, then the main switch; where there is none, covers; a battery is never dead. */
    public function testTheSafePointKeepsARegulatorOnItsBattery(): void
    {
        $parts = [
            'b1' => 'battery', 's1' => 'switch', 'bus' => 'busbar', 'f2' => 'fuse', 'r1' => 'regulator', 's2' => 'switch',
            'q1' => 'panel', 'in' => 'shore_inlet', 'k1' => 'mains_charger', 'alt' => 'alternator', 'i1' => 'isolator',
        ];
        $joined = [
            ['b1.plus', 's1.in'], ['s1.out', 'bus.bar'], ['bus.bar', 'f2.in'], ['f2.out', 'r1.battery_plus'], ['q1.plus', 's2.in'],
            ['s2.out', 'r1.pv_plus'], ['in.ac_out', 'k1.ac_in'], ['k1.output_plus', 'bus.bar'], ['alt.plus', 'i1.starter'],
            ['i1.house', 'bus.bar'],
        ];
        $of = static fn(array $job, string $uid): SafePoint => SafePoint::of(
            Study::of(JobFile::fromArray($job)),
            $uid,
        ) ?? throw new \LogicException();
        $job = self::job($parts, $joined);
        $says = static fn(SafePoint $p): array => array_map(
            static fn(array $s): string => $s['do'] . ' ' . $s['parts'][0]->uid . ($s['danger'] === [] ? '' : ' !'),
            $p->steps,
        );
        $bar = $of($job, 'bus');
        self::assertSame(['open s2', 'open s1'], $says($bar));
        self::assertSame([['engine', 'shore'], ['sun', 'engine', 'shore', 'b1']], [$bar->stops, $bar->heldBy]);
        self::assertSame(
            ['f2', 'r1', 's2', 'k1', 'i1'],
            array_values(
                array_intersect(
                    ['f2', 'r1', 's2', 'k1', 'i1'],
                    array_map(static fn($p): string => $p->uid, [...$bar->dark, ...array_merge(...array_column($bar->steps, 'parts'))]),
                ),
            ),
        );
        // Without a switch in the array its fuse would be the cheaper step, but would leave it in the sun without its battery.
        $bare = array_values(
            array_filter($joined, static fn(array $c): bool => !in_array('s2.in', $c, true) && !in_array('s2.out', $c, true)),
        );
        self::assertSame(['cover q1', 'open s1'], $says($of(self::job($parts, [...$bare, ['q1.plus', 'r1.pv_plus']]), 'bus')));
        self::assertTrue($of($job, 'b1')->neverDead);
        self::assertSame([['cover q1'], ['sun']], [$says($of($job, 'q1')), $of($job, 'q1')->heldBy]);
    }

    /**
     * @param array<string, string>       $parts
     * @param list<array{string, string}> $joined
     * @param list<string>                $open
     *
     * @return list<string>
     */
    private static function searched(array $parts, array $joined, array $open): array
    {
        $seen = array_map(static fn(string $b): string => "$b.plus", array_values(array_diff(['b1', 'b2'], $open)));
        for ($i = 0; $i < count($seen); ++$i) {
            [$uid, $terminal] = explode('.', $seen[$i]);
            $next = array_map(
                static fn(array $c): string => $c[0] === $seen[$i] ? $c[1] : $c[0],
                array_filter($joined, static fn(array $c): bool => in_array($seen[$i], $c, true)),
            );
            if (in_array($parts[$uid], ['fuse', 'switch', 'breaker'], true) && !in_array($uid, $open, true)) {
                $next[] = $uid . '.' . ($terminal === 'in' ? 'out' : 'in');
            }
            foreach ($next as $point) {
                if (!in_array($point, $seen, true)) {
                    $seen[] = $point;
                }
            }
        }
        $live = array_values(array_unique(array_map(static fn(string $p): string => explode('.', $p)[0], $seen)));
        sort($live);

        return $live;
    }
}
