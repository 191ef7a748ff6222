<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Drawing\Packing;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage\Size\Axles;
use Pebblefell\Stage\Size\RoofPlan;
use Pebblefell\Stage\Size\RoofShade;
use Pebblefell\Study;
use Pebblefell\Sun\SolarDay;
use Pebblefell\System\Roof;
use Pebblefell\System\System;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RuntimeException;

/** The vehicle to scale: panels on its roof, and weight on its axles. */
final class ToScaleTest extends TestCase
{
    use SoundSystem;

    private const ROOF = ['roof_length_m' => 3.0, 'roof_width_m' => 1.8];

    public function testWhatIsLaidNeverLiesOnAnythingElse(): void
    {
        $random = new Randomizer(new Mt19937(63));
        $mm = static fn(int $low, int $high): float => (float) $random->getInt($low, $high);
        for ($round = 0; $round < 60; ++$round) {
            [$l, $w] = [$mm(1500, 6000), $mm(1200, 2300)];
            $things = [];
            for ($i = $random->getInt(0, 5); $i > 0; --$i) {
                $things[] = ['x' => $mm(0, (int) $l - 300), 'y' => $mm(0, (int) $w - 300), 'l' => $mm(100, 600), 'w' => $mm(100, 600)];
            }
            $sheet = new Packing($l, $w, 30.0, 20.0, $things);
            $laid = [];
            while (($r = $sheet->place($mm(400, 1700), $mm(300, 1000))) !== null) {
                $laid[] = $r;
                self::assertGreaterThanOrEqual(30.0 - 1e-6, min($r['x'], $r['y'], $l - $r['x'] - $r['l'], $w - $r['y'] - $r['w']));
            }
            foreach ($laid as $i => $a) {
                foreach ([...$things, ...array_slice($laid, $i + 1)] as $b) {
                    $apart = max(
                        $b['x'] - $a['x'] - $a['l'],
                        $a['x'] - $b['x'] - $b['l'],
                        $b['y'] - $a['y'] - $a['w'],
                        $a['y'] - $b['y'] - $b['w'],
                    );
                    self::assertGreaterThanOrEqual(20.0 - 1e-6, $apart);
                }
            }
        }
    }

    public function testAsManyAsFitAreLaid(): void
    {
        // Six of 1000 × 600 with gaps fill 3100 × 1280 exactly; a hatch in the middle takes some of them.
        self::assertSame(6, (new Packing(3100.0, 1280.0, 30.0, 20.0))->more(1000.0, 600.0, 60));
        self::assertSame(5, (new Packing(3099.0, 1280.0, 30.0, 20.0))->more(1000.0, 600.0, 60));
        self::assertSame(
            4,
            (new Packing(3100.0, 1280.0, 30.0, 20.0, [['x' => 1400.0, 'y' => 540.0, 'l' => 200.0, 'w' => 200.0]]))->more(1000.0, 600.0, 60),
        );
        self::assertSame(0, (new Packing(900.0, 500.0, 30.0, 20.0))->more(1000.0, 600.0, 60));
    }

    /**
     * @param array<string, mixed>       $vehicle
     * @param list<array<string, mixed>> $panels
     */
    private static function roofed(array $vehicle, array $panels): System
    {
        return self::system(['vehicle' => ['kind' => 'camper_van', 'system_v' => 12, ...self::ROOF, ...$vehicle]], array_map(
            static fn(array $data, int $i): array => self::part(
                "p$i",
                'panel',
                [...self::PANEL, 'length_mm' => 1000, 'width_mm' => 600, ...$data],
            ),
            $panels,
            array_keys($panels),
        ));
    }

    public function testPanelsThatFindNoPlaceAreNamed(): void
    {
        $plan = Study::of(self::roofed([], [[], []]))->simulations->roof();
        self::assertSame([2, [], 4], [count($plan->panels ?? []), $plan?->left, $plan?->more]);
        $rules = static fn(System $s): array => array_map(
            static fn($v): string => $v->finding->rule . '.' . $v->finding->variant,
            Study::of($s)->assessment()->verdicts,
        );
        self::assertNotContains('panels-do-not-fit.', $rules(self::roofed([], array_fill(0, 6, []))));
        self::assertContains('panels-do-not-fit.', $rules(self::roofed([], array_fill(0, 9, []))));
        // Put on one another, or over the edge; carried out, it needs no place.
        self::assertContains(
            'panels-do-not-fit.clash',
            $rules(self::roofed([], [['roof_x_m' => 0.1, 'roof_y_m' => 0.1], ['roof_x_m' => 0.5, 'roof_y_m' => 0.3]])),
        );
        self::assertContains('panels-do-not-fit.clash', $rules(self::roofed([], [['roof_x_m' => 2.5, 'roof_y_m' => 0.1]])));
        self::assertNotContains(
            'panels-do-not-fit.clash',
            $rules(self::roofed([], [['roof_x_m' => 0.1, 'roof_y_m' => 0.1], ['roof_x_m' => 1.2, 'roof_y_m' => 0.1]])),
        );
        self::assertCount(0, Study::of(self::roofed([], [['portable' => true]]))->simulations->roof()->panels ?? [1]);
        self::assertFalse(Study::of(self::roofed(['roof_things' => 'box 2.9 x 1.7 at 0.05, 0.05'], [[]]))->simulations->roof()->canStep ?? true);
    }

    public function testWhatStandsOnARoofIsReadAsItIsTyped(): void
    {
        self::assertEquals([
            ['name' => 'hatch', 'x' => 1200.0, 'y' => 600.0, 'l' => 400.0, 'w' => 500.0, 'h' => null],
            ['name' => '', 'x' => 0.0, 'y' => 0.0, 'l' => 2000.0, 'w' => 50.0, 'h' => null],
            ['name' => 'Dachluke', 'x' => 100.0, 'y' => 200.0, 'l' => 500.0, 'w' => 500.0, 'h' => null],
        ], Roof::things("hatch 0.4 x 0.5 at 1.2, 0.6; 2 × 0.05 @ 0 0\nDachluke 0,5 x 0,5 bei 0,1, 0,2"));
        foreach ([
            'cooler 0.9 x 0.6 at 1, 0.4, 0.22 high', 'Kühler 0,9 x 0,6 bei 1, 0,4, 0,22 hoch', 'cooler 0.9 x 0.6 at 1 0.4 0.22 m high',
        ] as $text) {
            self::assertSame(
                [1000.0, 400.0, 220.0],
                [Roof::things($text)[0]['x'], Roof::things($text)[0]['y'], Roof::things($text)[0]['h'] ?? 0.0],
                $text,
            );
        }
        self::assertSame(['x' => -100.0, 'y' => 50.0, 'wide' => 5400.0], Roof::picture('-0.1, 0.05, 5.4'));
        try {
            Roof::things('hatch somewhere');
            self::fail('read');
        } catch (InvalidValue $e) {
            self::assertSame(['/roof_things', 'roof-thing'], [$e->path, $e->key]);
        }
        try {
            Roof::picture('1, 2');
            self::fail('read');
        } catch (InvalidValue $e) {
            self::assertSame('/roof_picture', $e->path);
        }
    }

    /**
     * A wall along the whole side of a panel: its shadow reaches height / tan(altitude) × cos(angle to the wall) less the gap. Geometry.
     */
    public function testALongWallShadesAPanelAsGeometryHasIt(): void
    {
        $plan = static fn(string $things): RoofPlan => Study::of(self::system([
            'vehicle' => ['kind' => 'camper_van', 'system_v' => 12, 'roof_length_m' => 30, 'roof_width_m' => 5, 'roof_things' => $things],
        ], [
            self::part('p1', 'panel', [...self::PANEL, 'length_mm' => 1200, 'width_mm' => 600, 'roof_x_m' => 14, 'roof_y_m' => 2.2]),
        ]))->simulations->roof() ?? throw new RuntimeException('no roof');
        [$month, $latitude, $gap, $high] = [4, 63.0, 0.1, 0.36];
        $got = RoofShade::of($plan('wall 30 x 0.2 at 0, 1.9, 0.4 high'), $latitude, $month)[0];
        $day = SolarDay::ofMonth($latitude, $month);
        $lost = $all = 0.0;
        for ($i = 0; $i < 200; ++$i) {
            $sine = $day->cosZenith(($i + 0.5) / 200 * $day->sunsetAngleRad);
            if (asin($sine) < deg2rad(3.0)) {
                continue;
            }
            $weight = $sine * 0.7 ** ((1.0 / $sine) ** 0.678);
            for ($d = 0; $d < 360; ++$d) {
                $across = $high / tan(asin($sine)) * cos(deg2rad($d)) - $gap;
                $lost += $weight * max(0.0, min(0.6, $across)) / 0.6;
                $all += $weight;
            }
        }
        self::assertEqualsWithDelta($lost / $all, $got['least'], 0.03);
        self::assertSame(['wall'], $got['by']);
        // The wall lies along the panel's length, so that its shadow is on every third at once.
        self::assertGreaterThan($got['least'], $got['most']);
        // Lower than the panels it throws nothing on them; away by more than its longest shadow neither. Higher shades more.
        self::assertSame(
            [0.0, 0.0],
            [
                RoofShade::of($plan('rail 30 x 0.2 at 0, 1.9, 0.04 high'), $latitude, $month)[0]['most'],
                RoofShade::of($plan('box 0.2 x 0.2 at 0, 0, 0.1 high'), $latitude, $month)[0]['most'],
            ],
        );
        self::assertGreaterThan($got['least'], RoofShade::of($plan('wall 30 x 0.2 at 0, 1.9, 0.8 high'), $latitude, $month)[0]['least']);
        // A low winter sun throws longer shadows.
        self::assertGreaterThan(
            RoofShade::of($plan('hatch 0.5 x 0.5 at 13.4, 2.2'), 50.0, 6)[0]['least'],
            RoofShade::of($plan('hatch 0.5 x 0.5 at 13.4, 2.2'), 50.0, 12)[0]['least'],
        );

    }

    /**
     * @param array<string, mixed>                             $vehicle
     * @param list<array{string, float, ?float}> $parts fate, kg, m
     */
    private static function axles(array $vehicle, array $parts): Axles
    {
        $rows = [];
        foreach ($parts as $i => [$fate, $kg, $x]) {
            $rows[] = self::part(
                "x$i",
                'gauge',
                array_filter(['mass_kg' => $kg, 'along_m' => $x], static fn($v): bool => $v !== null),
                $fate,
            );
        }

        $axles = Study::of(
            self::system(
                [
                    'parts' => [self::part('b1', 'battery', array_diff_key(self::LFP, ['mass_kg' => 1])), ...$rows],
                    'conductors' => [], 'vehicle' => ['kind' => 'caravan', 'system_v' => 12, ...$vehicle],
                ],
            ),
        )->axles();
        self::assertNotNull($axles);

        return $axles;
    }

    /** The law of the lever. */
    public function testEachAxleBearsItsShareOfTheLever(): void
    {
        self::assertNull(Study::of(self::system())->axles());
        $base = ['wheelbase_m' => 4.0, 'front_kg' => 80, 'rear_kg' => 1300, 'front_max_kg' => 100, 'rear_max_kg' => 1400];
        foreach ([[0.0, 40.0, 0.0], [4.0, 0.0, 40.0], [1.0, 30.0, 10.0], [5.0, -10.0, 50.0], [-1.0, 50.0, -10.0]] as [$x, $front, $rear]) {
            $axles = self::axles($base, [['add', 40.0, $x]]);
            self::assertEqualsWithDelta([$front, $rear], [$axles->front->value, $axles->rear->value], 1e-9);
        }
        // Old out and new in at one place: only the difference counts; what has no place is named, not counted.
        $swap = self::axles($base, [['remove', 60.0, 1.0], ['add', 40.0, 1.0], ['add', 9.0, null]]);
        self::assertEqualsWithDelta([-15.0, -5.0], [$swap->front->value, $swap->rear->value], 1e-9);
        self::assertCount(1, $swap->unknown);
        self::assertEqualsWithDelta(10.0, self::axles($base, [['add', 40.0, 1.0]])->over(true), 1e-9);
        self::assertNull(self::axles($base, [['add', 40.0, 1.0]])->over(false));
        self::assertNotNull(
            self::axles($base, [['remove', 60.0, 0.0]])->lightNosePct(),
            'less than 4 % on the coupling sways: common practice',
        );
        self::assertNull(self::axles([...$base, 'kind' => 'camper_van'], [['remove', 60.0, 0.0]])->lightNosePct());
    }
}
