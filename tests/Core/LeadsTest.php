<?php

declare(strict_types=1);

namespace Tests\Core;

use LogicException;
use Pebblefell\Bank\Layout;
use Pebblefell\Charging\DcdcFit;
use Pebblefell\Circuit\ArrayLeads;
use Pebblefell\Circuit\CableRun;
use Pebblefell\Finding\Finding;
use Pebblefell\Stage\Bank\BankDrawing;
use Pebblefell\Stage\Bank\BankWiring;
use Pebblefell\Stage\Bank\DrawnLinks;
use Pebblefell\Stage\Wiring\SoundLayout;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Part;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** An array is what is drawn; each lead of it, each link of the bank and each lead from the starter battery is judged. */
final class LeadsTest extends TestCase
{
    use SoundSystem;

    /** Five leads of three kinds: panels in parallel on a switch, from there one lead; the way back by a bar of their own. */
    private static function parallel(float $eachMm2, float $bothMm2, float $switchA = 100.0, float $isc = 10.0): Study
    {
        $panel = ['isc_a' => $isc] + self::PANEL;

        return Study::of(self::system(['conductors' => [
            self::lead('y1', 'v1.plus', 'w1.in', $eachMm2),
            self::lead('y2', 'v2.plus', 'w1.in', $eachMm2),
            self::lead('y3', 'w1.out', 'r1.pv_plus', $bothMm2),
            self::lead('y4', 'v1.minus', 'x9.bar', $eachMm2),
            self::lead('y5', 'v2.minus', 'x9.bar', $eachMm2),
            self::lead('y6', 'x9.bar', 'r1.pv_minus', $bothMm2),
        ]], [
            self::part('v1', 'panel', $panel), self::part('v2', 'panel', $panel), self::part('w1', 'switch', ['rating_a' => $switchA]), self::part('x9', 'busbar', ['rating_a' => 200]),
            self::part('r1', 'regulator', ['technology' => 'mppt', 'max_charge_a' => 30, 'max_pv_v' => 100]),
        ]));
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private static function lead(string $uid, string $from, string $to, ?float $mm2 = null, array $more = ['length_m' => 3.0]): array
    {
        return ['uid' => $uid, 'from' => $from, 'to' => $to, 'fate' => 'add', 'size_mm2' => $mm2, ...$more];
    }

    /**
     * @return array<string, Finding> by rule and subject
     */
    private static function found(Study $study, string ...$rules): array
    {
        $found = [];
        foreach ($study->assessment()->verdicts as $verdict) {
            $finding = $verdict->finding;
            if (in_array($finding->rule, $rules, true)) {
                $found["$finding->rule $finding->subject"] = $finding;
            }
        }

        return $found;
    }

    public function testInEachLeadFlowsWhatThePanelsBehindItDriveInTheBrightestSun(): void
    {
        $flows = [];
        foreach (self::parallel(6.0, 10.0)->cables()->arrays() as $run) {
            $flows["$run->near → $run->far"] = $run->current()->value;
        }
        ksort($flows);
        // 1.25 times the short-circuit current of each string: IEC 62548, NEC 690.8 (from memory).
        self::assertSame([
            'v1.minus → x9.bar' => 12.5, 'v1.plus → w1.in' => 12.5, 'v2.minus → x9.bar' => 12.5, 'v2.plus → w1.in' => 12.5,
            'w1.out → r1.pv_plus' => 25.0, 'x9.bar → r1.pv_minus' => 25.0,
        ], $flows);
    }

    public function testALeadThatBurnsIsNamedAndWhatIsProposedBearsIt(): void
    {
        // 30 A each: 37.5 A and 75 A. In the hottest insulation 4 and 10 mm² bear it; proposed is for a usual one (table of ISO 10133).
        $sound = self::parallel(4.0, 10.0, isc: 30.0);
        self::assertSame([], self::found($sound, 'cable-too-thin'));
        $thin = self::found(self::parallel(2.5, 6.0, isc: 30.0), 'cable-too-thin');
        ksort($thin);
        self::assertSame(array_map(static fn(int $n): string => "cable-too-thin y$n", range(1, 6)), array_keys($thin));
        foreach ($thin as $finding) {
            self::assertSame('array', $finding->variant);
        }
        self::assertEqualsWithDelta(4.0, $thin['cable-too-thin y1']->args['wants']->value, 1e-9);
        self::assertEqualsWithDelta(16.0, $thin['cable-too-thin y3']->args['wants']->value, 1e-9);
    }

    public function testASwitchThatIsMadeForLessIsNamed(): void
    {
        self::assertSame([], self::found(self::parallel(6.0, 10.0, 25.0), 'part-overloaded'));
        $small = self::found(self::parallel(6.0, 10.0, 24.0), 'part-overloaded');
        self::assertSame(['part-overloaded w1'], array_keys($small));
        self::assertSame(25.0, $small['part-overloaded w1']->args['amps']->value);
    }

    public function testWithoutALengthALeadOfTheBankWantsWhatBearsItsCurrent(): void
    {
        $at = static fn(array $more): array => self::found(Study::of(self::system(['conductors' => [
            self::lead('c1', 'b1.plus', 'f1.in', 1.5, $more), self::lead('c2', 'f1.out', 'k1.output_plus', 1.5, $more),
            self::lead('c3', 'b1.minus', 'k1.output_minus', 50.0, $more),
        ]])), 'cable-too-thin');
        $unmeasured = $at([]);
        self::assertSame($at(['length_m' => 0.2]) !== [], $unmeasured !== []);
        foreach ($unmeasured as $key => $finding) {
            self::assertSame('', $finding->variant, 'no length is noted: none is blamed');
            self::assertEqualsWithDelta($at(['length_m' => 0.2])[$key]->args['wants']->value, $finding->args['wants']->value, 1e-9);
        }
    }

    public function testALinkOfTheBankBearsWhatTheNetworkLeadsThroughIt(): void
    {
        // 100 A taken at the first of two alike, their links 0.3 m: a little less than half comes from the second.
        $with = static fn(float $linkMm2, float $watts = 1200.0): Study => Study::of(self::system([
            'conductors' => [
                self::lead('c1', 'b1.plus', 'f1.in', 35.0), self::lead('c2', 'b1.minus', 'x1.bar', 35.0),
                self::lead('l1', 'b1.plus', 'b2.plus', $linkMm2, ['length_m' => 0.3]),
                self::lead('l2', 'b1.minus', 'b2.minus', $linkMm2, ['length_m' => 0.3]),
            ],
            ...self::load(['watts' => $watts]),
        ], [self::part('x1', 'busbar', ['rating_a' => 300])], batteries: 2));
        $share = array_map(static fn(CableRun $r): float => $r->current()->value, $with(10.0)->cables()->links());
        self::assertCount(2, $share, 'the leads to the fuse and to the bar are runs of the circuit');
        foreach ($share as $amps) {
            self::assertGreaterThan(40.0, $amps);
            self::assertLessThan(50.0, $amps);
        }
        // Closed form: two alike, the second behind two links (nodal analysis of one loop).
        $batteryOhm = $with(10.0)->drawing()?->network->sources[0]->ohm ?? 0.0;
        $linkOhm = BankDrawing::ohm(10.0, 0.3);
        self::assertEqualsWithDelta(100.0 * $batteryOhm / (2 * $batteryOhm + 2 * $linkOhm), $share[0], 1e-6);
        // 4 mm² carries 45 A in the hottest insulation, 2.5 mm² 35 A (table of ISO 10133): less flows the thinner they are.
        self::assertSame(['cable-too-thin l1', 'cable-too-thin l2'], array_keys(self::found($with(2.5), 'cable-too-thin')));
        self::assertSame([], self::found($with(16.0), 'cable-too-thin'));
        self::assertSame([], self::found($with(2.5, 600.0), 'cable-too-thin'), 'half as much');
    }

    public function testBatteriesOnFusesOfTheirOwnShareByThemAndThroughNothingElse(): void
    {
        // Each on its fuse to a bar; behind the bar a ring of two leads, which carries nothing between the batteries.
        $with = static fn(array $ratings, array $more = []): Study => Study::of(self::system(['conductors' => [
            ...array_merge(...array_map(static fn(int $n): array => [
                self::lead("a$n", "b$n.plus", "u$n.in", 35.0, ['length_m' => 0.2]), self::lead("c$n", "u$n.out", 'x1.bar', 35.0, ['length_m' => 0.3]),
                self::lead("e$n", "b$n.minus", 'x2.bar', 35.0, ['length_m' => 0.3]),
            ], range(1, count($ratings)))),
            self::lead('m1', 'x1.bar', 'w1.in', 50.0), self::lead('m2', 'w1.out', 'x3.bar', 50.0), ...$more,
        ], ...self::load(['watts' => 1200])], [
            ...array_map(static fn(int $n): array => self::part("u$n", 'fuse', ['rating_a' => $ratings[$n - 1]]), range(1, count($ratings))),
            ...array_map(static fn(int $n): array => self::part("x$n", 'busbar', ['rating_a' => 300]), range(1, 3)),
            self::part('w1', 'switch', ['rating_a' => 200]),
        ], batteries: count($ratings)));
        $drawing = static fn(Study $s): BankDrawing => $s->drawing() ?? throw new LogicException();
        $like = $drawing($with([100, 100, 100]));
        self::assertNull($like->problem);
        self::assertSame(['x1.bar', 'x2.bar'], [$like->positive, $like->negative]);
        self::assertCount(6, $like->links, 'a lead, its fuse and the lead from there are one');
        // Two leads with two lugs each, and 80 mV at its rating in the fuse (common practice).
        self::assertEqualsWithDelta(BankDrawing::ohm(35.0, 0.2) + BankDrawing::ohm(35.0, 0.3) + 0.0008, $like->links[0]->ohm, 1e-9);
        foreach ($like->network->share(90.0)->amps as $amps) {
            self::assertEqualsWithDelta(30.0, $amps, 1e-9);
        }
        self::assertSame([], self::found($with([100, 100, 100]), 'bank-links-missing', 'bank-shares-unevenly', 'cable-too-thin'));
        // Whether the leads are equal is asked of all of each, its fuse's own lead among it.
        self::assertEqualsWithDelta(array_fill(0, 2, ['mm2' => 35.0, 'm' => 0.5]), DrawnLinks::leadsToBars($with([100, 100]))['positive'], 1e-9);
        // Joined anew in another layout: what lay between goes, its fuses' leads too, and what hung on the bar is led to the new take-off.
        $before = $with([100, 100]);
        $anew = Study::of(Plan::with($before->system, BankWiring::changes($before, Layout::Across, null, 50.0, 0.3, 0.6)));
        self::assertNull($anew->drawing()?->problem);
        self::assertSame([], array_filter($anew->planned()->conductors, static fn(Conductor $c): bool => in_array($c->from->uid, ['u1', 'u2'], true)
            || in_array($c->to->uid, ['u1', 'u2'], true)));
        self::assertTrue($anew->circuit()->joins(Point::of('w1', 'in')));
        // A smaller fuse loses more, and its battery gives less: the inverse of each battery's own way (Ohm's law).
        $unlike = $drawing($with([100, 50]));
        $ways = array_map(
            static fn(int $k): float => $unlike->network->sources[$k]->ohm + $unlike->links[2 * $k]->ohm + $unlike->links[2 * $k + 1]->ohm,
            [0, 1],
        );
        [$first, $second] = $unlike->network->share(90.0)->amps;
        self::assertEqualsWithDelta($ways[1] / $ways[0], $first / $second, 1e-9);
        // A ring that hangs on the bank is none of its links.
        $ring = $drawing($with([100, 100, 100], [self::lead('r1', 'w1.out', 'x3.bar', 25.0), self::lead('r2', 'x3.bar', 'w1.out', 25.0)]));
        self::assertSame([6, 'x1.bar'], [count($ring->links), $ring->positive]);
    }

    public function testStringsAreThoseThatAreDrawnAndEachFeedsItsOwnRegulator(): void
    {
        $regulator = ['technology' => 'mppt', 'max_charge_a' => 30, 'max_pv_v' => 100];
        $string = static fn(int $top, int $below, string $to): array => [
            self::lead("y$top", "v$top.plus", "$to.pv_plus"), self::lead("z$top", "v$top.minus", "v$below.plus"),
            self::lead("y$below", "v$below.minus", "$to.pv_minus"),
        ];
        $with = static fn(array $of): Study => Study::of(self::system(['conductors' => [
            ...$string(4, 1, 'r1'), ...$string(2, 5, 'r2'), ...$string(6, 3, 'r2'),
        ]], [
            self::part('r1', 'regulator', $regulator), self::part('r2', 'regulator', [...$regulator, ...$of]),
            ...array_map(static fn(int $n): array => self::part("v$n", 'panel', self::PANEL), range(1, 6)),
        ]));
        $study = $with([]);
        $strings = [];
        foreach ($study->arrays() as $array) {
            $strings[$array->regulator?->uid] = array_map(
                static fn(array $s): string => implode(' ', array_map(static fn(Part $p): string => $p->uid, $s)),
                $array->strings(),
            );
            self::assertSame(2, $array->series());
            self::assertEqualsWithDelta(2 * self::PANEL['voc_v'], $array->openV(25.0), 1e-9, 'the volts of two');
        }
        self::assertEquals(['r1' => ['v4 v1'], 'r2' => ['v2 v5', 'v6 v3']], $strings);
        self::assertSame([], self::found($study, 'array-drawn-otherwise'));
        self::assertSame([], self::found($with(['array_series' => 2]), 'array-drawn-otherwise'));
        $asked = self::found($with(['array_series' => 1]), 'array-drawn-otherwise');
        self::assertSame(['array-drawn-otherwise r2'], array_keys($asked));
        self::assertSame([1.0, 2.0], [
            $asked['array-drawn-otherwise r2']->args['noted']->value,
            $asked['array-drawn-otherwise r2']->args['drawn']->value,
        ]);
    }

    public function testALeadFromTheStarterBatteryWantsAFuseThere(): void
    {
        $with = static fn(array ...$leads): Study => Study::of(self::system(['conductors' => $leads], [
            self::part('s1', 'battery', self::AGM, 'keep', ['role' => 'starter']), self::part('f9', 'fuse', ['rating_a' => 60]),
            self::part('g1', 'alternator', ['rated_a' => 120], 'keep'), self::part('w9', 'switch', ['rating_a' => 100]),
            self::part('d1', 'dcdc', ['output_a' => 30, 'lithium' => 'custom']), self::part('i1', 'isolator', ['rating_a' => 100, 'method' => 'relay']),
        ]));
        $keys = static fn(Study $s): array => array_keys(self::found($s, 'starter-lead-unfused'));
        self::assertSame([], $keys($with()), 'what is not drawn is not cried');
        self::assertSame(['starter-lead-unfused d1'], $keys($with(self::lead('y1', 's1.plus', 'w9.in'), self::lead('y2', 'w9.out', 'd1.input_plus'))));
        self::assertSame(['starter-lead-unfused i1'], $keys($with(self::lead('y1', 'g1.plus', 'i1.starter'))), 'at the alternator too');
        self::assertSame([], $keys($with(self::lead('y1', 's1.plus', 'f9.in'), self::lead('y2', 'f9.out', 'd1.input_plus'))));
        self::assertSame([], $keys($with(self::lead('y1', 'b1.plus', 'd1.input_plus'))), 'the bank has a rule of its own');
    }

    #[DataProvider('pieces')]
    public function testWhatStandsBesideTheBankIsMadeForWhatRunsThroughIt(string $rule, string $kind, callable $with, float $runsA): void
    {
        // What runs through it is its own sum; just enough is enough, and a hair less is named.
        $at = static fn(float $rating): array => self::found($with(self::part('k9', $kind, ['rating_a' => $rating])), $rule);
        self::assertSame([], $at(ceil(10.0 * $runsA) / 10.0));
        $small = $at(floor(10.0 * $runsA) / 10.0 - 0.1);
        self::assertSame(["$rule k9"], array_keys($small));
        $runs = $small["$rule k9"]->args[$rule === 'part-overloaded' ? 'amps' : 'runs']->value;
        self::assertEqualsWithDelta($runsA, $runs, 0.06);
    }

    /**
     * @return array<string, array{string, string, callable(array<string, mixed>): Study, float}>
     */
    public static function pieces(): array
    {
        // 30 A at 14.4 V out of 13.5 V less what is lost: P = V · I over the charger's efficiency, as DcdcFit has it.
        $tow = static fn(array $piece): Study => Study::of(self::system(['conductors' => [
            self::lead('y1', 's1.plus', 'f9.in', 16.0), self::lead('y2', 'f9.out', 'k9.in', 16.0), self::lead('y3', 'k9.out', 'd1.input_plus', 16.0),
        ]], [
            self::part('s1', 'battery', self::AGM, 'keep', ['role' => 'starter']), self::part('f9', 'fuse', ['rating_a' => 60]),
            self::part('d1', 'dcdc', ['output_a' => 30, 'lithium' => 'custom']), $piece,
        ]));
        $input = $tow(self::part('k9', 'switch', ['rating_a' => 100]))->dcdc(Study::of(self::system([], [
            self::part('d1', 'dcdc', ['output_a' => 30, 'lithium' => 'custom']),
        ]))->planned()->parts['d1'])->inputA ?? 0.0;
        $box = static fn(array $piece): Study => Study::of(self::system([
            'conductors' => [self::lead('y1', 'b1.plus', 'f1.in', 35.0), self::lead('y2', 'f1.out', 'k9.supply_plus', 35.0)],
            ...self::load(['watts' => 620]),
        ], [['data' => ['circuits' => 8] + $piece['data']] + $piece]));
        $sun = static fn(array $piece): Study => Study::of(self::system(['conductors' => [
            self::lead('y1', 'v1.plus', 'k9.in', 6.0), self::lead('y2', 'v2.plus', 'k9.in', 6.0), self::lead('y3', 'k9.out', 'r1.pv_plus', 6.0),
        ]], [
            self::part('v1', 'panel', self::PANEL), self::part('v2', 'panel', self::PANEL), $piece,
            self::part('r1', 'regulator', ['technology' => 'mppt', 'max_charge_a' => 30, 'max_pv_v' => 100]),
        ]));

        return [
            'fuse at the starter battery' => ['fuse-too-small', 'fuse', $tow, $input],
            'plug of the tow vehicle' => ['plug-too-small', 'plug', $tow, $input],
            'switch before the charger' => ['part-overloaded', 'switch', $tow, $input],
            'breaker of two strings' => ['fuse-too-small', 'breaker', $sun, 2 * self::PANEL['isc_a']],
            'distribution box of 620 W' => ['part-overloaded', 'distribution_box', $box, 620.0 / 12.0],
            'switch of two strings, in the brightest sun' => ['part-overloaded', 'switch', $sun, 2 * 1.25 * self::PANEL['isc_a']],
        ];
    }

    public function testALeadIsFollowedFromTheStarterBatteryByWayOfFuseAndPlug(): void
    {
        $with = static fn(array ...$last): Study => Study::of(self::system(['conductors' => [
            self::lead('y1', 's1.plus', 'f9.in', 16.0, ['length_m' => 0.5]), self::lead('y2', 'f9.out', 'k9.in', 10.0, ['length_m' => 6.0]),
            ...$last,
        ]], [
            self::part('s1', 'battery', self::AGM, 'keep', ['role' => 'starter']), self::part('f9', 'fuse', ['rating_a' => 60]),
            self::part('k9', 'plug', ['rating_a' => 40]), self::part('d1', 'dcdc', ['output_a' => 30, 'lithium' => 'custom', 'input_min_v' => 11]),
        ]));
        $fit = static fn(Study $s): ?DcdcFit => $s->dcdc($s->planned()->parts['d1']);
        // IEC 60228, class 5 (from memory): 16 mm² 1.21, 10 mm² 1.91, 2.5 mm² 7.98 Ω/km, out and back.
        $ohm = 2e-3 * (0.5 * 1.21 + 6.0 * 1.91 + 8.0 * 7.98);
        $whole = $fit($with(self::lead('y3', 'k9.out', 'd1.input_plus', 2.5, ['length_m' => 8.0])));
        self::assertEqualsWithDelta($ohm, $whole?->lead?->resistanceOhm(), 1e-9);
        self::assertEqualsWithDelta(14.5, $whole?->lead?->lengthM(), 1e-9);
        self::assertSame(2.5, $whole?->lead?->thinnestMm2());
        self::assertEqualsWithDelta($ohm * $whole->inputA, $whole->dropV(), 1e-9);
        // Pieces without a length are left out.
        self::assertEqualsWithDelta(6.5, $fit($with(self::lead('y3', 'k9.out', 'd1.input_plus', 2.5, [])))?->lead?->lengthM(), 1e-9);
        self::assertNull($fit($with())?->lead);
    }

    public function testARelayBringsNoMoreThanItsLoopLetsThrough(): void
    {
        $bring = static fn(string $kind, float $systemV, array $leads = []): float => Study::of(self::system([
            'vehicle' => ['kind' => $kind, 'system_v' => $systemV], 'conductors' => $leads,
        ], [
            self::part('s1', 'battery', self::AGM, 'keep', ['role' => 'starter']), self::part('i1', 'isolator', ['method' => 'relay']),
        ], ['nominal_v' => 12.8 * $systemV / 12.0, 'max_charge_v' => 14.6 * $systemV / 12.0, 'cutoff_v' => 10.8 * $systemV / 12.0] + self::LFP))
            ->trip()?->trip->drive->outputA ?? 0.0;
        // Chosen, common practice: 10 to 30 A into a bank of 12 V, the same watts at 24 V; less where copper lets through less.
        self::assertSame(20.0, $bring('camper_van', 12));
        self::assertSame(10.0, $bring('camper_van', 24));
        // 8 m of 2.5 mm² behind a plug (7.98 Ω/km), 14.2 V against 12.8 V: 1.4 V over some 128 mΩ.
        self::assertEqualsWithDelta(10.6, $bring('caravan', 12), 0.5);
        $thick = [
            self::lead('y1', 's1.plus', 'i1.starter', 16.0, ['length_m' => 8.0]), self::lead('y2', 'i1.house', 'b1.plus', 16.0, ['length_m' => 0.5]),
        ];
        self::assertSame(20.0, $bring('caravan', 12, $thick));
        // A second alternator, for the house alone, does not feed the relay.
        $ours = self::part('g2', 'alternator', ['rated_a' => 120, 'regulated_v' => 14.4]);
        $current = static fn(array ...$alternators): ?float => Study::of(self::system([], [
            self::part('i1', 'isolator', ['method' => 'relay']), ...$alternators,
        ]))->relayCurrent()?->value;
        self::assertNotNull($current($ours));
        $house = self::part('g1', 'alternator', ['rated_a' => 150, 'regulated_v' => 13.5, 'for_house' => true]);
        self::assertSame($current($ours), $current($house, $ours));
        // Nor a DC-DC charger, at idle.
        $idle = static function (array ...$alternators): ?float {
            $study = Study::of(self::system([], [self::part('d1', 'dcdc', ['output_a' => 40, 'lithium' => 'custom']), ...$alternators]));

            return $study->dcdc($study->planned()->parts['d1'])?->idleA;
        };
        self::assertNotNull($idle($ours));
        self::assertSame($idle($ours), $idle(self::part('g1', 'alternator', ['rated_a' => 150, 'idle_pct' => 80, 'for_house' => true]), $ours));
    }

    public function testAChargerThatCannotBeDialledDownIsNotToldTo(): void
    {
        $with = static fn(array $sheet): array => array_map(static fn(Finding $f): string => $f->variant, self::found(Study::of(self::system([], [
            self::part('d1', 'dcdc', ['output_a' => 60, 'lithium' => 'custom', ...$sheet]),
            self::part('g1', 'alternator', ['rated_a' => 90], 'keep', ['role' => 'starter']),
        ])), 'dcdc-overloads-alternator', 'dcdc-wears-alternator'));
        self::assertSame(['dcdc-overloads-alternator d1' => ''], $with([]), 'not noted: as most can');
        self::assertSame(['dcdc-overloads-alternator d1' => ''], $with(['dial_down' => true]));
        self::assertSame(['dcdc-overloads-alternator d1' => 'fixed'], $with(['dial_down' => false]));
    }

    public function testDiodesKeepHalfOfWhatDrivesARelaysCurrent(): void
    {
        $with = static fn(string $method): array => self::found(Study::of(self::system([
            'vehicle' => ['kind' => 'caravan', 'system_v' => 12],
        ], [self::part('i1', 'isolator', ['method' => $method])])), 'bare-relay-on-lithium');
        [$relay, $diode] = [$with('relay')['bare-relay-on-lithium i1'], $with('diode')['bare-relay-on-lithium i1']];
        self::assertSame(['bearable', 'diode'], [$relay->variant, $diode->variant]);
        // 14.2 V against 12.8 V: 1.4 V over the loop, and 0.7 V where the diodes keep 0.7 V (common practice).
        self::assertEqualsWithDelta(0.5 * $relay->args['draw']->value, $diode->args['draw']->value, 1e-9);
    }

    public function testAPostHoldsTwoLugsAndABreakerStaysOpen(): void
    {
        $with = static fn(int $lugs, array $breaker = [], ?float $third = 35.0): Study => Study::of(self::system(['conductors' => array_map(
            static fn(int $n): array => self::lead("y$n", 'b1.minus', "x$n.bar", $n < 3 ? 35.0 : $third),
            range(1, $lugs),
        )], [
            ...array_map(static fn(int $n): array => self::part("x$n", 'busbar', ['rating_a' => 200]), range(1, $lugs)),
            self::part('k9', 'breaker', ['rating_a' => 40, ...$breaker]),
        ]));
        self::assertSame([], self::found($with(2), 'lugs-stacked', 'breaker-resets-itself'));
        self::assertSame([], self::found($with(2, ['resets_itself' => false]), 'lugs-stacked', 'breaker-resets-itself'));
        self::assertSame([], self::found($with(3, [], 1.5), 'lugs-stacked'), 'a sense lead is no lug');
        self::assertSame([], self::found($with(3, [], null), 'lugs-stacked'), 'what is not noted is not cried');
        self::assertSame(['lugs-stacked b1'], array_keys(self::found($with(3, [], 6.0), 'lugs-stacked')));
        self::assertSame(
            ['lugs-stacked b1', 'breaker-resets-itself k9'],
            array_keys(self::found($with(3, ['resets_itself' => true]), 'lugs-stacked', 'breaker-resets-itself')),
        );
    }

    public function testWhatIsProposedForAnArrayIsDrawnAsItIsNotedAndItsLeadsAreKnown(): void
    {
        foreach ([1, 2] as $series) {
            $system = self::system(['conductors' => []], [
                self::part('r1', 'regulator', ['technology' => 'mppt', 'max_charge_a' => 30, 'max_pv_v' => 100, 'array_series' => $series]),
                ...array_map(static fn(int $n): array => self::part("v$n", 'panel', self::PANEL), range(1, 4)),
            ]);
            $laid = Study::of(Plan::with($system, SoundLayout::of(Study::of($system))->changes()));
            self::assertSame($series, $laid->arrays()[0]->drawnSeries());
            self::assertSame([], self::found($laid, 'array-drawn-otherwise'));
            $into = array_filter($laid->cables()->arrays(), static fn(CableRun $r): bool => (string) $r->far === 'r1.pv_plus');
            self::assertEqualsWithDelta(
                ArrayLeads::BRIGHT * self::PANEL['isc_a'] * 4 / $series,
                array_sum(array_map(static fn(CableRun $r): float => $r->current()->value, $into)),
                1e-9,
                'all strings together arrive',
            );
        }
    }
}
