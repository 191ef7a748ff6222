<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Bank\Layout;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Bank\BankWiring;
use Pebblefell\Stage\Wiring\PartsList;
use Pebblefell\Stage\Wiring\SoundLayout;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\System;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The proposed circuit: common practice, and sound by the product's own rules. */
final class SoundLayoutTest extends TestCase
{
    use SoundSystem;
    use WholeJobs;

    /** Rules that a proposal must not break by what it brings in. */
    private const WIRING = [
        'no-main-fuse', 'main-fuse-not-placed', 'main-fuse-too-small', 'fuse-above-cable', 'fuse-too-small', 'fuse-breaks-too-little',
        'cable-too-thin', 'no-isolator', 'shunt-bypassed', 'starter-lead-unfused', 'lugs-stacked', 'array-drawn-otherwise',
    ];

    private static function laid(System $system): System
    {
        return Plan::with($system, SoundLayout::of(Study::of($system))->changes());
    }

    /**
     * @return list<string> "b1.plus f1.in 35"
     */
    private static function leads(System $system): array
    {
        return array_map(
            static fn(Conductor $c): string => "$c->from $c->to" . ($c->sizeMm2 === null ? '' : " $c->sizeMm2"),
            array_values($system->planned()->conductors),
        );
    }

    public function testEveryPartHasItsPlace(): void
    {
        $laid = self::laid(self::system(['conductors' => []], [
            self::part('w1', 'switch', ['rating_a' => 300]),
            self::part('n1', 'inverter', ['continuous_w' => 600]),
            self::part('r1', 'regulator', ['technology' => 'mppt', 'max_charge_a' => 20, 'max_pv_v' => 100, 'array_series' => 2]),
            self::part('v1', 'panel', self::PANEL), self::part('v2', 'panel', self::PANEL),
            self::part('i1', 'shore_inlet', ['rating_a' => 16]),
            self::part('e1', 'earth_leakage', ['rating_a' => 16, 'residual_ma' => 30]),
        ]));
        $graph = $laid->planned();
        $next = static function (string $point) use ($graph): array {
            $at = Point::read($point);
            $ends = array_map(static fn(Conductor $c): string => (string) $c->otherEnd($at), $graph->at($at));
            sort($ends);

            return $ends;
        };
        self::assertSame([['f1.in'], ['p4.in', 'w1.in']], [$next('b1.plus'), $next('f1.out')], 'battery, fuse, switch');
        self::assertSame(['r1.battery_plus'], $next('p4.out'), 'nothing switches its panels off: it is not left without its battery');
        self::assertSame(['m0.battery_minus'], $next('b1.minus'), 'everything behind the shunt');
        [$bar] = $next('w1.out');
        self::assertContains('n1.battery_plus', $next($bar), 'the inverter on the bar');
        self::assertCount(3, $next($bar), 'the switch, the inverter, and a fuse for the charger');
        [$minus] = $next('m0.system_minus');
        self::assertSame(['k1.output_minus', 'm0.system_minus', 'n1.battery_minus', 'r1.battery_minus'], $next($minus));
        self::assertSame(
            [['r1.pv_plus'], ['v2.plus'], ['r1.pv_minus']],
            [$next('v1.plus'), $next('v1.minus'), $next('v2.minus')],
            'two in series',
        );
        self::assertSame([['e1.line'], ['k1.ac_in']], [$next('i1.ac_out'), $next('e1.load')]);
    }

    public function testAFuseIsTheNextAboveFiveQuartersOfWhatFlowsAndItsLeadBearsIt(): void
    {
        $laid = self::laid(self::system(['conductors' => []]));
        $fuses = array_filter($laid->parts, static fn($p): bool => $p->kind->value === 'fuse');
        self::assertCount(1, $fuses, 'one for the charger: the breaker that is planned is the main one');
        $fuse = array_values($fuses)[0];
        // 30 A of charge · 1.25 = 37.5 A; 40 A is made, and 4 mm² carries 40 A at 90 °C (table of ISO 10133, as Ampacity has it).
        self::assertSame(40.0, $fuse->data->number('rating_a'));
        self::assertContains("$fuse->uid.out k1.output_plus 4", self::leads($laid));
    }

    public function testWhatIsDrawnStaysAndNothingIsProposedTwice(): void
    {
        $system = self::system();
        $laid = self::laid($system);
        self::assertSame([], array_diff(self::leads($system), self::leads($laid)));
        self::assertSame([], SoundLayout::of(Study::of($laid))->changes());
        self::assertSame([], SoundLayout::of(Study::of(self::system(['parts' => [], 'conductors' => []])))->changes(), 'without a bank');
    }

    public function testThePartsListCountsToTheLastLug(): void
    {
        $run = static fn(string $uid, string $from, string $to, ?float $mm2, ?float $m, string $fate = 'add'): array => [
            'uid' => $uid, 'from' => $from, 'to' => $to, 'fate' => $fate, 'size_mm2' => $mm2, 'length_m' => $m,
        ];
        $list = PartsList::of(Study::of(self::system(['conductors' => [
            $run('c1', 'b1.plus', 'f1.in', 35, 0.4),
            $run('c2', 'f1.out', 'x1.bar', 35, 1.0),
            $run('c3', 'x1.bar', 'k1.output_plus', 4, null),
            $run('c4', 'b1.minus', 'm0.battery_minus', 35, 0.5),
            $run('c5', 'm0.system_minus', 'k1.output_minus', 4, 2.0),
            $run('c6', 'x1.bar', 'z1.in', null, 1.0),
            $run('c7', 'z1.out', 'd1.supply_plus', 6, 3.0, 'keep'),
        ]], [
            self::part('x1', 'busbar', ['rating_a' => 150, 'stud_mm' => 8]),
            self::part('z1', 'fuse', ['rating_a' => 40, 'family' => 'strip']),
            self::part('d1', 'distribution_box', ['circuits' => 6], 'keep'),
        ])));
        // A tenth more, and 5 cm at each end: 1.4 · 1.1 + 2 · 0.1; 0.5 · 1.1 + 0.1; 2 · 1.1 + 0.1. Worked by hand.
        self::assertSame([
            ['minus', 35.0, 0.65, 1, 0], ['plus', 35.0, 1.74, 2, 0], ['minus', 4.0, 2.3, 1, 0], ['plus', 4.0, 0.0, 1, 1],
            ['plus', null, 1.2, 1, 0],
        ], array_map(
            static fn(array $c): array => [$c['side'], $c['mm2'], round($c['metres'], 3), $c['runs'], $c['open']],
            $list->cables,
        ), 'what is kept is not bought');
        self::assertSame(
            [['lug', 35.0, 8.0, 1], ['lug', 35.0, null, 5], ['ferrule', 4.0, null, 4]],
            array_map(array_values(...), $list->ends),
        );
        self::assertSame([5, 2, 1], [$list->openLugs(), $list->openRuns(), $list->covers]);
        self::assertSame([['mm2' => 35.0, 'count' => 6]], $list->shrink());
        self::assertSame(
            [['f1', 1, 0], ['x1', 1, 0], ['z1', 1, 1]],
            array_map(static fn(array $p): array => [$p['part']->uid, $p['count'], $p['spare']], $list->parts),
            'a spare of each fuse',
        );
        // Six new runs with two ends each, the breaker and the fuse.
        self::assertSame(14, $list->labels);
    }

    #[DataProvider('wholeJobs')]
    public function testWhatComesInIsSoundByTheRules(Study $study): void
    {
        $system = $study->system;
        if (Study::of($system)->drawing()?->problem !== null) {
            $system = Plan::with($system, BankWiring::changes(Study::of($system), Layout::Across, null, 95.0, 0.3, 0.6));
        }
        $told = static fn(System $s): array => array_map(
            static fn($v): string => $v->finding->rule . ' ' . $v->finding->subject,
            array_filter(
                Study::of($s)->assessment()->verdicts,
                static fn($v): bool => in_array($v->finding->rule, self::WIRING, true) && $v->finding->severity !== Severity::Note,
            ),
        );
        $laid = self::laid($system);
        self::assertSame([], array_values(array_diff($told($laid), $told($system))));
        self::assertSame([], SoundLayout::of(Study::of($laid))->changes(), 'nothing is left to propose');
    }

    /** The remedy of a regulator that can lose its battery: by hand, and judged again. */
    public function testOnePressLeadsATapToTheBatterysSide(): void
    {
        $regulator = self::part('r1', 'regulator', ['technology' => 'mppt', 'max_charge_a' => 20, 'max_pv_v' => 100]);
        $lead = static fn(string $uid, string $from, string $to): array => [
            'uid' => $uid, 'from' => $from, 'to' => $to, 'fate' => 'add', 'size_mm2' => 16,
        ];
        $main = [
            self::part('f9', 'fuse', ['rating_a' => 100, 'family' => 'class_t']), self::part('w1', 'switch', ['rating_a' => 200]),
            self::part('x1', 'busbar', ['rating_a' => 200]), self::part('v1', 'panel', self::PANEL),
        ];
        $trunk = [
            $lead('c1', 'b1.plus', 'f9.in'), $lead('c2', 'f9.out', 'w1.in'), $lead('c3', 'w1.out', 'x1.bar'),
            $lead('c4', 'v1.plus', 'r1.pv_plus'),
        ];
        $pressed = static function (array $parts, array $leads) use ($trunk, $main, $regulator): array {
            $system = self::system(['conductors' => [...$trunk, ...$leads]], [$regulator, ...$main, ...$parts]);
            $judged = static fn(System $s): array => array_values(
                array_filter(
                    array_map(static fn($v): Finding => $v->finding, Study::of($s)->assessment()->verdicts),
                    static fn(Finding $f): bool => $f->rule === 'regulator-loses-battery',
                ),
            );
            [$finding] = $judged($system);
            $laid = Plan::with($system, $finding->changes);
            self::assertSame([], $judged($laid));

            return self::leads($laid);
        };
        // With a fuse of its own that fuse is fed from behind the main one.
        $leads = $pressed(
            [self::part('f2', 'fuse', ['rating_a' => 30])],
            [$lead('c5', 'x1.bar', 'f2.in'), $lead('c6', 'f2.out', 'r1.battery_plus')],
        );
        self::assertContains('f9.out f2.in 16', $leads);
        // Straight on the bar it gets one.
        $leads = $pressed([], [$lead('c5', 'x1.bar', 'r1.battery_plus')]);
        self::assertCount(1, preg_grep('/^f9\.out p\d+\.in \d/', $leads) ?: [], implode(', ', $leads));
        self::assertCount(1, preg_grep('/^p\d+\.out r1\.battery_plus 16$/', $leads) ?: [], implode(', ', $leads));
    }
}
