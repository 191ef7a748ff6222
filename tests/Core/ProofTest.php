<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Bank\Link;
use Pebblefell\Bank\Network;
use Pebblefell\Bank\ShortCircuit;
use Pebblefell\Bank\Source;
use Pebblefell\Joint\Drop;
use Pebblefell\Joint\Inverse;
use Pebblefell\Joint\Segment;
use Pebblefell\Joint\Sight;
use Pebblefell\Stage\NotedTick;
use Pebblefell\Stage\Test\DeviceWay;
use Pebblefell\Stage\Test\Proof;
use Pebblefell\Stage\Test\SimulatedVehicle;
use Pebblefell\Stage\Ticks;
use Pebblefell\Study;
use Pebblefell\System\Conductor;
use Pebblefell\System\Part;
use PHPUnit\Framework\TestCase;

/** The ten-minute proof: least squares by hand, and whole circuits with a joint or a battery that the test has made bad. */
final class ProofTest extends TestCase
{
    use SoundSystem;

    private const E = 13.2;

    public function testLeastSquaresByHand(): void
    {
        // Two pieces of 1 mΩ ± 0.2; their sum is read as 2.6 ± 0.1 mΩ, the first as 1.1 ± 0.1. With W = diag(1/σ²), in mΩ:
        // [25 + 100 + 100, 100; 100, 25 + 100] x = [25 + 260 + 110; 25 + 260], so det = 225 · 125 − 100² = 18125.
        $inverse = new Inverse(
            [Segment::of('a', 0.001, 0.0002), Segment::of('b', 0.001, 0.0002)],
            [Sight::sum([0 => 1.0, 1 => 1.0], 0.0026, 0.0001), Sight::sum([0 => 1.0], 0.0011, 0.0001)],
        );
        [$a, $b] = $inverse->estimates();
        self::assertEqualsWithDelta((395.0 * 125.0 - 100.0 * 285.0) / 18125.0 / 1000.0, $a['ohm'], 1e-9);
        self::assertEqualsWithDelta((225.0 * 285.0 - 100.0 * 395.0) / 18125.0 / 1000.0, $b['ohm'], 1e-9);
        self::assertEqualsWithDelta(sqrt(125.0 / 18125.0) / 1000.0, $a['sigmaOhm'], 1e-9);
        self::assertEqualsWithDelta(sqrt(225.0 / 18125.0) / 1000.0, $b['sigmaOhm'], 1e-9);
        // What is not linear is solved too: the reading is the square of 2.
        $square = new Inverse([Segment::of('a', 1.0, 1.0)], [Sight::of(static fn(array $r): float => $r[0] ** 2, [0], 4.0, 1e-4)]);
        self::assertEqualsWithDelta(2.0, $square->estimates()[0]['ohm'], 0.05);
    }

    private static function study(): Study
    {
        $lead = static fn(string $uid, string $from, string $to, float $mm2, float $m): array => [
            'uid' => $uid, 'from' => $from, 'to' => $to, 'size_mm2' => $mm2, 'length_m' => $m,
        ];

        return Study::of(self::system([
            'conductors' => [
                $lead('l1', 'b1.plus', 'b2.plus', 50, 0.3), $lead('l2', 'b1.minus', 'b2.minus', 50, 0.3),
                $lead('c1', 'b1.plus', 'f1.in', 50, 0.5), $lead('c2', 'f1.out', 'n1.battery_plus', 50, 1.0), $lead(
                    'c3',
                    'n1.battery_minus',
                    'm0.system_minus',
                    50,
                    1.0,
                ),
                $lead('c4', 'm0.battery_minus', 'b2.minus', 50, 0.5), $lead('c5', 'f1.out', 'x1.supply_plus', 16, 1.5), $lead(
                    'c6',
                    'x1.supply_minus',
                    'm0.system_minus',
                    16,
                    1.5,
                ),
            ],
            'appliances' => [
                [
                    'uid' => 'a1', 'name' => 'kettle', 'side' => 'ac', 'watts' => 1000,
                    'hours' => ['s1' => [['from_h' => 7, 'to_h' => 7.25]]],
                ],
                ['uid' => 'a2', 'name' => 'cool box', 'side' => 'dc', 'watts' => 300, 'hours' => ['s1' => [['from_h' => 7, 'to_h' => 8]]]],
                ['uid' => 'a3', 'name' => 'oven', 'side' => 'ac', 'watts' => 600, 'hours' => ['s1' => [['from_h' => 7, 'to_h' => 8]]]],
            ],
        ], [
            self::part(
                'n1',
                'inverter',
                ['continuous_w' => 2000, 'efficiency_pct' => 90],
            ), self::part('x1', 'distribution_box', ['circuits' => 6]),
        ], batteries: 2));
    }

    /**
     * Reads the whole proof off a vehicle whose pieces have $true Ω, with a meter and a clamp that err by $err.
     *
     * @param array<string, float>            $true by uid of conductor or part
     * @param callable(): float               $err  normal, mean 0 and deviation 1
     */
    private static function read(Study $study, array $true, callable $err): Ticks
    {
        $network = Network::of(
            [Source::of('b1', self::E, $true['b1']), Source::of('b2', self::E, $true['b2'])],
            [Link::of('b1+', 'b2+', $true['l1']), Link::of('b1-', 'b2-', $true['l2'])],
            'b1+',
            'b2-',
        );
        $shared = $true['c1'] + $true['f1'] + $true['m0'] + $true['c4'];
        $own = ['n1' => $true['c2'] + $true['c3'], 'x1' => $true['c5'] + $true['c6']];
        $proof = Proof::of($study, Ticks::none()) ?? self::fail('no proof');
        $ticks = [];
        $flows = ['n1' => 0.0, 'x1' => 0.0];
        foreach ($proof->asks as $ask) {
            if ($ask['what'] === Proof::BANK && $ask['at'] > 0) {
                $load = $proof->loads[$ask['at'] - 1];
                $flows[$load['way']->part->uid] += $load['amps'];
            }
            $all = array_sum($flows);
            $bank = self::E - ShortCircuit::of($network)->bankOhm * $all;
            $is = match (true) {
                $ask['what'] === Proof::BANK => $bank,
                isset($own[$ask['what']]) => $bank - $shared * $all - $own[$ask['what']] * $flows[$ask['what']],
                str_ends_with($ask['what'], Proof::POSTS) => self::E - $network->share($all)->amps[str_starts_with($ask['what'], 'b1') ? 0 : 1] * $true[substr($ask['what'], 0, 2)],
                default => $network->share($all)->amps[$ask['what'] === 'b1' ? 0 : 1],
            };
            $isAmps = in_array($ask['what'], ['b1', 'b2'], true);
            $read = $isAmps ? $is + hypot(0.2, 0.015 * $is) * $err() : $is + 0.001 * $err();
            $ticks[] = new NotedTick(
                $ask['step'],
                NotedTick::DONE,
                round($read, 4),
                amps: round(max(0.0, $all * (1.0 + 0.5 * Drop::SHARE * $err())), 2),
            );
        }

        return Ticks::of($ticks);
    }

    /**
     * @return array<string, float> what sound ones have, by uid
     */
    private static function sound(Study $study): array
    {
        $proof = Proof::of(
            $study,
            Ticks::of(
                [
                    new NotedTick('proof.0 bank', NotedTick::DONE, self::E, amps: 0.0), new NotedTick('proof.1 bank', NotedTick::DONE, 13.0, amps: 20.0),
                    new NotedTick('proof.1 x1', NotedTick::DONE, 12.9, amps: 20.0),
                ],
            ),
        );
        $ohm = [];
        foreach (['b1', 'b2'] as $uid) {
            $ohm[$uid] = $study->drawing()->network->sources[0]->ohm ?? 0.0;
        }
        foreach ($study->drawing()->network->links ?? [] as $k => $link) {
            $ohm['l' . ($k + 1)] = $link->ohm;
        }
        foreach (DeviceWay::all($study) as $way) {
            foreach ($way->pieces as $k => $piece) {
                $ohm[$piece->uid] = $way->chain->segments[$k]->ohm;
            }
        }
        self::assertNotNull($proof);

        return $ohm;
    }

    private static function named(Conductor|Part|null $by, ?string $from): string
    {
        return $by === null ? ($from === 'b1.plus' || $from === 'b2.plus' ? 'l1' : 'l2') : $by->uid;
    }

    /** A hundred and twenty vehicles, each with one bad joint or a tired battery; and forty sound ones. */
    public function testTheHiddenFaultIsAmongTheFirstTwoAndSoundOnesAreLeftInPeace(): void
    {
        mt_srand(67);
        $err = static fn(): float => sqrt(
            -2.0 * log(1.0 - mt_rand() / (mt_getrandmax() + 1.0)),
        ) * cos(2.0 * M_PI * mt_rand() / mt_getrandmax());
        $study = self::study();
        $sound = self::sound($study);
        // What lies in one line between two of the points that are read cannot be told apart by them: any of the line will do.
        $lines = [['c1', 'f1', 'm0', 'c4'], ['c2', 'c3'], ['c5', 'c6'], ['l1'], ['l2'], ['b1'], ['b2']];
        $two = $within = $alarms = 0;
        for ($case = 0; $case < 160; ++$case) {
            $true = array_map(static fn(float $r): float => max(0.3 * $r, $r * (1.0 + 0.08 * $err())), $sound);
            $line = $case < 120 ? $lines[$case % count($lines)] : [];
            $bad = $line === [] ? '' : $line[mt_rand(0, count($line) - 1)];
            if ($bad !== '') {
                $true[$bad] += mt_rand(30, 150) / 10_000.0;
            }
            $proof = Proof::of($study, self::read($study, $true, $err)) ?? self::fail('no proof');
            $named = array_map(
                static fn(array $f): string => self::named($f['unknown']['by'], (string) $f['unknown']['from']),
                array_merge(...$proof->faults, ...[$proof->suspects]),
            );
            if ($bad === '') {
                $alarms += $proof->faults === [] ? 0 : 1;
                continue;
            }
            $two += array_intersect(array_slice($named, 0, 2), $line) !== [] ? 1 : 0;
            // The whole line has what was hidden in it, within three of its deviations.
            [$ohm, $doubt] = [0.0, 0.0];
            foreach ($proof->runs as $run) {
                if (in_array(self::named($run['unknown']['by'], (string) $run['unknown']['from']), $line, true)) {
                    [$ohm, $doubt] = [$ohm + $run['ohm'], max($doubt, $run['sigmaOhm'])];
                }
            }
            $within += abs($ohm - array_sum(array_intersect_key($true, array_flip($line)))) < 3.0 * $doubt + 0.0008 ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(114, $two, 'of 120');
        self::assertGreaterThanOrEqual(112, $within);
        self::assertLessThanOrEqual(2, $alarms, 'of 40 sound ones');
    }

    public function testTwoFaultsAtOnceAndWhatIsPromisedBeforeItIsRead(): void
    {
        $study = self::study();
        $sound = self::sound($study);
        $true = ['c3' => $sound['c3'] + 0.009, 'b2' => $sound['b2'] + 0.02] + $sound;
        $proof = Proof::of($study, self::read($study, $true, static fn(): float => 0.0));
        $named = array_map(
            static fn(array $f): string => self::named($f[0]['unknown']['by'], (string) $f[0]['unknown']['from']),
            $proof->faults ?? [],
        );
        sort($named);
        self::assertCount(2, $named);
        self::assertSame('b2', $named[0]);
        self::assertContains($named[1], ['c2', 'c3']);
        self::assertTrue($proof?->isDone());
        // Before anything is read: what flows is planned, and each battery’s half is promised; volts only once the bank’s own are known.
        $before = Proof::of($study, Ticks::none()) ?? self::fail('no proof');
        self::assertSame([0, null, []], [$before->next(), $before->asks[0]['promised'], $before->faults]);
        $asks = array_column($before->asks, null, 'step');
        $all = array_sum(array_column($before->loads, 'amps'));
        self::assertEqualsWithDelta($all / 2.0, $asks['proof.3 b1']['promised'], 0.03 * $all);
        $read = Proof::of($study, Ticks::of([new NotedTick('proof.0 bank', NotedTick::DONE, self::E, amps: 0.0)]));
        self::assertLessThan(self::E, array_column($read->asks ?? [], null, 'step')['proof.1 bank']['promised']);
        self::assertNull(Proof::of(Study::of(self::system(['appliances' => []])), Ticks::none()));
    }

    /**
     * The vehicle on which it is learnt: its secret is the same for a seed, all kinds come, and whoever reads it all finds the joint or
     * battery.
     */
    public function testTheSimulatedVehicleHidesWhatItsReadingsShow(): void
    {
        $study = self::study();
        $found = $looked = 0;
        $kinds = [];
        for ($seed = 1; $seed <= 60; ++$seed) {
            $vehicle = SimulatedVehicle::of($study, $seed) ?? self::fail('no vehicle');
            self::assertSame($vehicle->readings(), SimulatedVehicle::of($study, $seed)->readings());
            [$before, $after] = $vehicle->sensorC();
            self::assertSame($vehicle->bad === SimulatedVehicle::SENSOR, $before === $after);
            $isPiece = ctype_digit($vehicle->bad);
            $kinds[$isPiece ? ((int) $vehicle->bad < 2 ? 'battery' : 'joint') : $vehicle->bad] = true;
            $ticks = array_map(
                static fn(string $step, array $r): NotedTick => new NotedTick($step, NotedTick::DONE, $r['value'], amps: $r['amps']),
                array_keys($vehicle->readings()),
                $vehicle->readings(),
            );
            $proof = Proof::of($study, Ticks::of($ticks)) ?? self::fail('no proof');
            if ($isPiece) {
                ++$looked;
                $named = array_map(static fn(array $f): string => $f['unknown']['segment']->id, $proof->faults[0] ?? $proof->suspects);
                $found += in_array($vehicle->pieces[(int) $vehicle->bad]['segment']->id, $named, true) ? 1 : 0;
            } else {
                self::assertSame([], $proof->faults, "seed $seed");
            }
            if ($seed <= 12) {
                self::assertLessThanOrEqual(count($ticks) + 1, $vehicle->par());
            }
        }
        self::assertCount(4, $kinds);
        self::assertGreaterThanOrEqual(0.95 * $looked, $found, "of $looked, within the line");
    }
}
