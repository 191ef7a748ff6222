<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Stage\Wiring\PartsList;
use Pebblefell\Stage\Wiring\Typed\LeadLine;
use Pebblefell\Stage\Wiring\Typed\LeadLines;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Conductor;
use Pebblefell\System\System;
use PHPUnit\Framework\TestCase;

/** Leads typed as lines: what they do to the plan, and what is said where a line cannot be read. */
final class LeadLinesTest extends TestCase
{
    use SoundSystem;

    private static function van(): System
    {
        return self::system([], [
            [...self::part('n1', 'inverter', ['continuous_w' => 600]), 'make' => 'Eider', 'model' => 'Lee 600'],
            self::part('x1', 'busbar', ['rating_a' => 250]),
        ]);
    }

    /**
     * @return list<string> "b1.plus f1.in 35 0.6"
     */
    private static function after(System $system, string $text): array
    {
        $changes = array_merge(...array_map(static function (LeadLine $l): array {
            self::assertNull($l->problem, $l->text . ': ' . $l->problem?->key);

            return $l->changes;
        }, LeadLines::read($text, Study::of($system))));

        return array_map(
            static fn(Conductor $c): string => implode(
                ' ',
                array_filter(
                    [(string) $c->from, (string) $c->to, $c->sizeMm2, $c->lengthM, $c->insulationC, $c->ambientC, $c->grouped],
                    static fn(mixed $v): bool => $v !== null,
                ),
            ),
            array_values(Plan::with($system, $changes)->planned()->conductors),
        );
    }

    public function testALineDoesWhatItSays(): void
    {
        $first = 'b1.plus f1.in';
        self::assertSame([$first, 'f1.out x1.bar 35 0.6'], self::after(self::van(), 'f1.out -> x1 35mm2 0.6m'));
        self::assertSame(
            [$first, 'f1.out x1.bar 53.475 0.61 105 60 4'],
            self::after(self::van(), 'f1.out → x1.bar 1/0 AWG 2ft 105C at 140F bundle 4'),
        );
        self::assertSame(
            [$first, 'x1.bar n1.battery_plus 16 0.45'],
            self::after(self::van(), "\n x1 -> Eider Lee 600.battery_plus 45 cm 16 \n"),
        );
        self::assertSame(["$first 25 1.2 90"], self::after(self::van(), 'c1 25mm² 1,2 m 90C'));
        self::assertSame([], self::after(self::van(), 'c1 out'));
        // Parts dropped in on the way: each piece of the one size, the length the last one's.
        self::assertSame(
            [$first, 'f1.out p2.in 16', 'p2.out p3.bar 16', 'p3.bar n1.battery_plus 16 0.5'],
            self::after(self::van(), 'f1.out -> fuse 60A sf30 -> bar 250 -> n1.battery_plus 16 0.5m'),
        );
        // Into what is there: its own size and length stay at the far end.
        $cut = self::after(self::van(), "c1 16mm2 2m\nc1 fuse 40A");
        self::assertSame(['p2.out f1.in 16 2', 'b1.plus p2.in 16'], $cut);
    }

    public function testWhatCannotBeReadSaysWhy(): void
    {
        $lines = [
            'b1.plus x1' => 'lead-no-arrow', 'c9 25mm2' => 'lead-unknown', 'c1 thick' => 'lead-word', 'c1' => 'lead-says-nothing',
            'b1.plus -> b1.plus' => 'lead-to-itself', 'f1.out -> fuse -> x1' => 'lead-rating', 'f1.out -> z9.in' => 'lead-no-part',
            'f1.out -> n1' => 'lead-no-terminal',
            'f1.out -> x1 16 25' => 'lead-twice', 'f1.out -> x1 0mm2' => 'above-0', 'f1.out -> fuse 60A nice -> x1' => 'lead-word',
        ];
        foreach ($lines as $text => $key) {
            [$line] = LeadLines::read((string) $text, Study::of(self::van()));
            self::assertSame([$key, []], [$line->problem?->key, $line->changes], (string) $text);
        }
        $twins = self::system(
            [],
            [
                [...self::part('n1', 'inverter', ['continuous_w' => 600]), 'make' => 'Eider', 'model' => 'Lee'],
                [...self::part('n2', 'inverter', ['continuous_w' => 600]), 'make' => 'Eider', 'model' => 'Lee'],
            ],
        );
        self::assertSame('lead-two-parts', LeadLines::read('f1.out -> Eider Lee.battery_plus', Study::of($twins))[0]->problem?->key);
    }

    /** Warmth and bundle derate: ISO 10133 annex A (from memory), 16 mm² at 90 °C insulation 100 A; × √(30/60) at 60 °C; × 0.7 for four. */
    public function testWhereItLiesCosts(): void
    {
        $carries = static function (string $line): ?float {
            $changes = LeadLines::read($line, Study::of(self::van()))[0]->changes;

            return Study::of(Plan::with(self::van(), $changes))->cables()->runs()->runs[0]->carriesA();
        };
        self::assertEqualsWithDelta(100.0, $carries('c1 16 90C'), 0.01);
        self::assertEqualsWithDelta(100.0 * sqrt(0.5), $carries('c1 16 90C at 60C'), 0.01);
        self::assertEqualsWithDelta(70.0, $carries('c1 16 90C bundle 4'), 0.01);
        self::assertSame(0.0, $carries('c1 16 70C at 80C'), 'hotter than its insulation bears');
    }

    /** A conductor is of the circuit of what it joins, and a way back where only negatives hang together. */
    public function testTheSideOfAConductorIsReadOffWhatItJoins(): void
    {
        $changes = static fn(string $text): array => array_merge(
            ...array_map(static fn(LeadLine $l): array => $l->changes, LeadLines::read($text, Study::of(self::roof()))),
        );
        $laid = Plan::with(
            self::roof(),
            $changes(
                "v1.plus -> w1.in\nw1.out -> r1.pv_plus\nv1.minus -> v2.plus\nv2.minus -> r1.pv_minus\nb1.minus -> x1\nx1 -> n1.battery_minus\na0.plus -> b0.plus",
            ),
        );
        $graph = $laid->planned();
        $side = static function (string $from) use ($graph): array {
            foreach ($graph->conductors as $c) {
                if ((string) $c->from === $from) {
                    return [$graph->side($c->from)->circuit, $graph->side($c->from)->isReturn];
                }
            }
            self::fail($from);
        };
        self::assertSame([CircuitKind::Pv, false], $side('w1.out'), 'a switch is of the array that it opens');
        self::assertSame([CircuitKind::Pv, false], $side('v1.minus'), 'two in series: no way back');
        self::assertSame([CircuitKind::Pv, true], $side('v2.minus'));
        self::assertSame([CircuitKind::HouseDc, true], $side('x1.bar'));
        self::assertSame([CircuitKind::HouseDc, false], $side('b1.plus'));
        self::assertSame([CircuitKind::StarterDc, false], $side('a0.plus'));
        self::assertSame(
            ['array', 'array', 'array', 'array', 'minus', 'minus', 'plus'],
            array_merge(
                ...array_map(static fn(array $c): array => array_fill(0, $c['runs'], $c['side']), PartsList::of(Study::of($laid))->cables),
            ),
        );
    }

    private static function roof(): System
    {
        return self::system([], [
            self::part('n1', 'inverter', ['continuous_w' => 600]), self::part('x1', 'busbar', ['rating_a' => 250]),
            self::part('r1', 'regulator', ['technology' => 'mppt', 'max_charge_a' => 20, 'max_pv_v' => 100, 'array_series' => 2]),
            self::part('v1', 'panel', self::PANEL), self::part('v2', 'panel', self::PANEL), self::part('w1', 'switch', ['rating_a' => 32]),
            [...self::part('b0', 'battery', self::AGM), 'role' => 'starter'], self::part('a0', 'alternator', ['rated_a' => 120]),
        ]);
    }
}
