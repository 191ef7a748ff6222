<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Bank\Layout;
use Pebblefell\Bank\Levelling;
use Pebblefell\Bank\Link;
use Pebblefell\Bank\Network;
use Pebblefell\Bank\RefreshCharge;
use Pebblefell\Bank\Share;
use Pebblefell\Bank\Source;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Trip\Noise;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The bank's network against ngspice (Debian), closed forms and symmetry. */
final class NetworkTest extends TestCase
{
    use Says;

    /**
     * What ngspice prints for a netlist.
     *
     * @param list<string> $lines
     */
    private static function ngspice(array $lines): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'pebblefell-net-');
        file_put_contents($file, implode("\n", $lines) . "\n");
        $process = new Process(['ngspice', '-b', $file]);
        $process->run();
        unlink($file);

        return $process->getOutput() . $process->getErrorOutput();
    }

    /**
     * Operating point by ngspice: amps out of each battery, and bank volts.
     *
     * @param list<Source> $sources
     * @param list<Link>   $links
     *
     * @return array{list<float>, float}
     */
    private static function spice(array $sources, array $links, string $positive, string $negative, float $loadA): array
    {
        $node = static fn(string $name): string => $name === $negative ? '0' : 'n_' . bin2hex($name);
        $lines = ['* bank'];
        foreach ($sources as $i => $s) {
            // An ammeter of no volts in series with each battery.
            $lines[] = sprintf('V%d x%d %s %.15g', $i, $i, $node($s->minus()), $s->ocvV);
            $lines[] = sprintf('R%d x%d %s %.15g', $i, $i, $node($s->plus()), $s->ohm);
        }
        foreach ($links as $i => $l) {
            $lines[] = sprintf('RL%d %s %s %.15g', $i, $node($l->from), $node($l->to), $l->ohm);
        }
        $lines[] = sprintf('I1 %s 0 %.15g', $node($positive), $loadA);
        $lines[] = '.options reltol=1e-9 abstol=1e-12 vntol=1e-12';
        $lines[] = '.control';
        $lines[] = 'set numdgt=12';
        $lines[] = 'op';
        foreach (array_keys($sources) as $i) {
            $lines[] = "print i(v$i)";
        }
        $lines[] = 'print v(' . $node($positive) . ')';
        $lines[] = 'quit';
        $lines[] = '.endc';
        $lines[] = '.end';
        $output = self::ngspice($lines);
        preg_match_all('/^(?:i\(v\d+\)|v\([^)]*\)) = (\S+)/m', $output, $m);
        $values = array_map(floatval(...), $m[1]);
        self::assertCount(count($sources) + 1, $values, $output);
        $bankV = array_pop($values);

        // SPICE counts a source's current into its plus.
        return [array_map(static fn(float $a): float => -$a, $values), (float) $bankV];
    }

    /**
     * @param list<Source> $sources
     * @param list<Link>   $links
     */
    private static function assertAgrees(array $sources, array $links, string $positive, string $negative, float $loadA, string $what): void
    {
        $share = Network::of($sources, $links, $positive, $negative)->share($loadA);
        [$amps, $volts] = self::spice($sources, $links, $positive, $negative, $loadA);
        $scale = max(1.0, ...array_map(abs(...), $amps));
        foreach ($amps as $i => $a) {
            self::assertEqualsWithDelta($a, $share->amps[$i], 0.001 * $scale, "$what, {$sources[$i]->id}");
        }
        self::assertEqualsWithDelta($volts, $share->bankV, 0.001 * $volts, $what);
    }

    /** ngspice, operating point: the four layouts, and random networks with strings and cross-links. */
    public function testAgreesWithSpice(): void
    {
        foreach (Layout::cases() as $layout) {
            foreach ([2, 3, 4, 7] as $count) {
                $ids = array_slice(range('A', 'Z'), 0, $count);
                $sources = array_map(static fn(string $id): Source => Source::of($id, 13.2, 0.004), $ids);
                self::assertAgrees(
                    $sources,
                    $layout->links($ids, 0.0003, 0.0006),
                    Layout::POSITIVE,
                    Layout::NEGATIVE,
                    200.0,
                    "$layout->value of $count",
                );
            }
        }
        $n = Noise::of(7);
        for ($net = 0; $net < 14; ++$net) {
            $u = static fn(float $a, float $b): float => $a + ($b - $a) * $n->uniform();
            $strings = 1 + (int) $u(0, 3.99);
            $series = 1 + (int) $u(0, 3.99);
            $sources = $links = [];
            for ($s = 0; $s < $strings; ++$s) {
                for ($b = 0; $b < $series; ++$b) {
                    $sources[] = Source::of("s{$s}b$b", $u(12.0, 13.6), $u(0.002, 0.02));
                    if ($b > 0) {
                        $links[] = Link::of("s{$s}b" . ($b - 1) . '+', "s{$s}b$b-", $u(0.0001, 0.002));
                    }
                }
                $links[] = Link::of("s{$s}b" . ($series - 1) . '+', 'bar p', $u(0.0001, 0.003));
                $links[] = Link::of("s{$s}b0-", 'bar n', $u(0.0001, 0.003));
                // Cross-links between the strings, as people do.
                if ($s > 0 && $series > 1) {
                    $links[] = Link::of("s{$s}b0+", 's' . ($s - 1) . 'b0+', $u(0.001, 0.01));
                }
            }
            self::assertAgrees($sources, $links, 'bar p', 'bar n', $u(-150.0, 250.0), "random $net");
        }
    }

    public function testCurrentsSumToTheLoadSymmetryAndPosts(): void
    {
        $ids = ['A', 'B', 'C', 'D'];
        $like = array_map(static fn(string $id): Source => Source::of($id, 13.2, 0.004, 100.0, 50.0), $ids);
        $share = static fn(Layout $l, float $a): Share => Network::of(
            $like,
            $l->links($ids, 0.0003, 0.0006),
            Layout::POSITIVE,
            Layout::NEGATIVE,
        )->share($a);
        foreach (Layout::cases() as $layout) {
            self::assertEqualsWithDelta(160.0, array_sum($share($layout, 160.0)->amps), 1e-9);
            // No energy made: what the batteries give is the load and the heat.
            $s = $share($layout, 160.0);
            $given = array_sum(array_map(static fn(Source $b, float $a): float => $b->ocvV * $a - $a * $a * $b->ohm, $like, $s->amps));
            self::assertEqualsWithDelta($given, $s->bankV * 160.0 + array_sum($s->linkW()), 1e-6);
            // Charge mirrors discharge for like batteries.
            self::assertEqualsWithDelta($share($layout, 80.0)->amps[2], -$share($layout, -80.0)->amps[2], 1e-9);
        }
        self::assertEqualsWithDelta(0.0, $share(Layout::Posts, 160.0)->spreadPct() ?? 1.0, 1e-9);
        $across = $share(Layout::Across, 160.0)->amps;
        self::assertEqualsWithDelta($across[0], $across[3], 1e-9);
        self::assertEqualsWithDelta($across[1], $across[2], 1e-9);
        self::assertGreaterThan($across[1], $across[0]);
        $same = $share(Layout::SameEnd, 160.0)->amps;
        for ($i = 1; $i < 4; ++$i) {
            self::assertLessThan($same[$i - 1], $same[$i]);
        }
        // The trade's order: same end worst, then middle, across, posts.
        $spread = array_map(static fn(Layout $l): float => $share($l, 160.0)->spreadPct() ?? 0.0, Layout::cases());
        $sorted = $spread;
        rsort($sorted);
        self::assertSame($sorted, $spread);
        // Posts at 160 A: 40 A through two leads of 0.6 mΩ each.
        self::assertEqualsWithDelta(2 * 0.0006 * 40.0, $share(Layout::Posts, 160.0)->lostV() ?? 0.0, 1e-9);
        self::assertEqualsWithDelta($share(Layout::Posts, 160.0)->lostV(), $share(Layout::Posts, -160.0)->lostV(), 1e-9);
        self::assertNull($share(Layout::Posts, 0.0)->lostV());
        // 4 × 100 A is 400 A only with posts.
        self::assertEqualsWithDelta(400.0, $share(Layout::Posts, 1.0)->most(true)[0] ?? 0.0, 1e-6);
        [$most, $by] = $share(Layout::SameEnd, 1.0)->most(true) ?? [0.0, ''];
        self::assertSame('A', $by);
        self::assertEqualsWithDelta(100.0, $share(Layout::SameEnd, $most)->amps[0], 1e-9);
        self::assertEqualsWithDelta(200.0, $share(Layout::Posts, 1.0)->most(false)[0] ?? 0.0, 1e-6);
    }

    public function testWhatHangsInTheAirIsNamed(): void
    {
        $a = Source::of('A', 13.0, 0.01);
        $b = Source::of('B', 13.0, 0.01);
        foreach ([
            ['/links', 'B+', [[$a, $b], [Link::of('A+', 'P', 0.001), Link::of('A-', 'N', 0.001)], 'P', 'N']],
            ['/takeoff/positive', 'Q', [[$a], [Link::of('A+', 'P', 0.001)], 'Q', 'A-']],
            ['/takeoff/positive', 'same node', [[$a], [Link::of('A+', 'P', 0.001)], 'A-', 'A-']],
            ['/takeoff/positive', 'not connected', [[$a, $b], [], 'A+', 'B-']],
            ['/batteries/0/id', 'shorted', [[$a], [Link::of('A+', 'A-', 0.0), Link::of('A+', 'P', 1.0)], 'P', 'A-']],
            ['/batteries/1/id', 'twice', [[$a, $a], [], 'A+', 'A-']],
        ] as [$path, $says, $args]) {
            try {
                Network::of(...$args);
                self::fail("$says was taken");
            } catch (InvalidValue $e) {
                self::assertSame($path, $e->path);
                self::assertStringContainsString($says, self::said($e));
            }
        }
        // A link of no resistance is a bar.
        self::assertEqualsWithDelta(
            [50.0, 50.0],
            Network::of([$a, $b], [Link::of('A+', 'B+', 0.0), Link::of('A-', 'B-', 0.0)], 'A+', 'B-')->share(100.0)->amps,
            1e-9,
        );
    }

    /** Closed form for two linear batteries: i(t) = ΔV/R · e^(−t/τ), τ = R·C with C in Ah per volt. AGM is straight above half. */
    public function testLevellingAgainstTheClosedForm(): void
    {
        $levelling = Levelling::of(
            [
                ['id' => 'a', 'capacity_ah' => 100.0, 'r_ohm' => 0.02, 'soc_pct' => 90.0],
                ['id' => 'b', 'capacity_ah' => 100.0, 'r_ohm' => 0.02, 'soc_pct' => 60.0],
            ],
            Chemistry::Agm,
            0.005,
            0.5,
        );
        $voltsPerAh = (13.0 - 12.2) / 50.0;
        $deltaV = 30.0 * $voltsPerAh;
        $i0 = $deltaV / 0.05;
        self::assertEqualsWithDelta($i0, $levelling->initialA['a'], 0.01 * $i0);
        // Both volts move: the difference falls with 2 · V/Ah.
        $tau = 0.05 / (2 * $voltsPerAh);
        $hours = $tau * log($i0 / 0.5);
        self::assertEqualsWithDelta($hours, $levelling->hours ?? 0.0, 0.01 * $hours);
        $moved = $i0 * $tau * (1 - 0.5 / $i0);
        self::assertEqualsWithDelta($moved, $levelling->movedAh, 0.01 * $moved);
        self::assertEqualsWithDelta(150.0, array_sum($levelling->finalSocPct), 1e-6);
    }

    /** An ngspice transient of two capacitors, the linear battery once more from outside. 100 Ah at 0.016 V/Ah are 225 kF. */
    public function testLevellingAgainstASpiceTransient(): void
    {
        $farad = 3600.0 / ((13.0 - 12.2) / 50.0);
        $lines = [
            '* two', "C1 a 0 $farad ic=12.84", "C2 b 0 $farad ic=12.36", 'R1 a b 0.05', '.options reltol=1e-6', '.control',
            'tran 20 3700 uic', 'let gap = v(a)-v(b)', 'meas tran late find gap at=3600', 'quit', '.endc', '.end',
        ];
        preg_match('/late\s*=\s*(\S+)/', self::ngspice($lines), $m);
        $course = Levelling::of(
            [
                ['id' => 'a', 'capacity_ah' => 100.0, 'r_ohm' => 0.02, 'soc_pct' => 90.0],
                ['id' => 'b', 'capacity_ah' => 100.0, 'r_ohm' => 0.02, 'soc_pct' => 60.0],
            ],
            Chemistry::Agm,
            0.005,
            0.05,
        )->course;
        $at = array_values(array_filter($course, static fn(array $c): bool => $c[0] >= 1.0))[0];
        $expected = (float) ($m[1] ?? 0) * exp(-($at[0] - 1.0) / (0.05 / 0.032));
        self::assertEqualsWithDelta($expected, ($at[1]['a'] - $at[1]['b']) * 0.016, 0.01 * $expected);
    }

    public function testTheFlatCurveTellsNothing(): void
    {
        $pair = static fn(float $a, float $b, Chemistry $c): Levelling => Levelling::of(
            [
                ['id' => 'a', 'capacity_ah' => 100.0, 'r_ohm' => 0.008, 'soc_pct' => $a],
                ['id' => 'b', 'capacity_ah' => 100.0, 'r_ohm' => 0.008, 'soc_pct' => $b],
            ],
            $c,
            0.002,
            0.5,
        );
        // On LFP's middle, forty points of charge pass only hours later, and never quite; on AGM the same pair is even sooner in volts.
        self::assertLessThan(15.0, $pair(80.0, 40.0, Chemistry::Lfp)->initialA['a']);
        self::assertGreaterThan($pair(80.0, 40.0, Chemistry::Agm)->hours, $pair(80.0, 40.0, Chemistry::Lfp)->hours);
        // A full one on an empty one: the rush is what trips a BMS.
        self::assertGreaterThan(50.0, $pair(100.0, 3.0, Chemistry::Lfp)->initialA['a']);
    }

    /** Common practice, no source: 184.2 Ah at 10 h → 36.8 A; 14.1, 28.2, 56.4 V. */
    public function testTheRefreshCharge(): void
    {
        self::assertEqualsWithDelta(36.84, RefreshCharge::of(6, 184.2)->minCurrentA, 1e-9);
        self::assertEqualsWithDelta(
            [14.1, 28.2, 56.4],
            array_map(static fn(int $n): float => RefreshCharge::of($n, 1.0)->voltageV, [6, 12, 24]),
            1e-9,
        );
    }
}
