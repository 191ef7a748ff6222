<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Assessment\Verdict;
use Pebblefell\Charging\ArrayFit;
use Pebblefell\Charging\DcdcFit;
use Pebblefell\Charging\PanelSheet;
use Pebblefell\Charging\RegulatorSheet;
use Pebblefell\Charging\ShoreFit;
use Pebblefell\Conductor\Run;
use Pebblefell\Conductor\Way;
use Pebblefell\Finding\Amount;
use Pebblefell\Outlook\YearOutlook;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Stage\Size\ChemistryChoice;
use Pebblefell\Stage\Size\ComesIn;
use Pebblefell\Stage\Size\Endurance;
use Pebblefell\Stage\Size\Fence;
use Pebblefell\Stage\Size\Growth;
use Pebblefell\Stage\Size\StayOutlook;
use Pebblefell\Stage\Size\VoltageChoice;
use Pebblefell\Stage\Size\Worth;
use Pebblefell\Stage\Sources\MainsCheck;
use Pebblefell\Stage\Sources\RegulatorGain;
use Pebblefell\Study;
use Pebblefell\System\JobFile;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\PvArray;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\Stay;
use PHPUnit\Framework\TestCase;

/** What Size and Sources make of a whole vehicle. */
final class SizeTest extends TestCase
{
    private const LFP = [
        'chemistry' => 'lfp', 'nominal_v' => 12.8, 'capacity_ah' => 100, 'usable_pct' => 95, 'cycles' => 3500, 'internal_mohm' => 7.5,
        'charge_limit_a' => 100, 'recommended_charge_a' => 20, 'discharge_limit_a' => 100, 'absorption_h' => 1, 'charge_min_c' => 0,
        'mass_kg' => 11, 'length_mm' => 330, 'width_mm' => 172, 'height_mm' => 214, 'price' => 500,
    ];
    private const AGM = [
        'chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 100, 'rate_h' => 20, 'usable_pct' => 50, 'cycles' => 600,
        'charge_limit_a' => 25, 'recommended_charge_a' => 15, 'absorption_h' => 4, 'mass_kg' => 30, 'length_mm' => 330,
        'width_mm' => 172, 'height_mm' => 214, 'price' => 200,
    ];
    private const PANEL = [
        'pmax_w' => 100, 'voc_v' => 22.4, 'vmp_v' => 18.6, 'isc_a' => 5.75, 'imp_a' => 5.38, 'voc_tempco_pct_per_c' => -0.28,
        'vmp_tempco_pct_per_c' => -0.36, 'length_mm' => 1050, 'width_mm' => 540, 'mass_kg' => 7, 'price' => 100,
    ];

    /**
     * @param array<string, mixed> $change
     * @param list<array<string, mixed>> $parts
     */
    private static function study(array $change = [], array $parts = [], int $panels = 2): Study
    {
        $part = static fn(string $uid, string $kind, array $data, string $fate = 'add'): array => [
            'uid' => $uid, 'kind' => $kind, 'fate' => $fate, 'data' => $data,
        ];
        $array = array_map(static fn(int $i): array => $part("s$i", 'panel', self::PANEL), $panels === 0 ? [] : range(1, $panels));

        return Study::of(JobFile::fromArray([
            'title' => 'T', 'region' => 'europe', 'target_chemistry' => 'lfp', 'client' => ['name' => 'C'],
            'vehicle' => ['kind' => 'camper_van', 'system_v' => 12, 'roof_m2' => 5, 'payload_kg' => 100, 'bay_mm' => [720, 360, 260]],
            'travel' => ['months' => [5, 6, 7, 8], 'wish_days' => 4, 'hook_up' => 'sometimes', 'driving_h_day' => 0.5],
            'place' => ['name' => 'P', 'latitude_deg' => 60, 'clearness' => array_fill(0, 12, 0.45), 'min_c' => array_fill(0, 12, 8)],
            'scenarios' => [['uid' => 'q1', 'name' => 'day', 'sizing' => true]],
            'appliances' => [
                [
                    'uid' => 'a1', 'name' => 'fridge', 'side' => 'dc', 'watts' => 45, 'duty_pct' => 40,
                    'hours' => ['q1' => [['from_h' => 0, 'to_h' => 24]]],
                ],
                ['uid' => 'a2', 'name' => 'desk', 'side' => 'ac', 'watts' => 80, 'hours' => ['q1' => [['from_h' => 9, 'to_h' => 14]]]],
            ],
            'parts' => [
                $part('o1', 'battery', self::AGM, 'remove'),
                $part('b1', 'battery', self::LFP),
                $part('b2', 'battery', self::LFP),
                $part('r1', 'regulator', ['technology' => 'mppt', 'max_charge_a' => 30, 'max_pv_v' => 100, 'lithium' => 'custom']),
                $part('d1', 'dcdc', ['output_a' => 30, 'lithium' => 'custom']),
                $part('k1', 'mains_charger', ['output_a' => 20, 'lithium' => 'custom']),
                $part('v1', 'inverter', ['continuous_w' => 1000, 'efficiency_pct' => 90, 'idle_w' => 10]),
                ...$array,
                ...$parts,
            ],
            ...$change,
        ]));
    }

    /**
     * @param array<string, mixed> $data
     */
    private static function sheet(PartKind $kind, array $data): DataSheet
    {
        return DataSheet::of($kind, $data);
    }

    /**
     * @param array<string, mixed> $data
     */
    private static function of(PartKind $kind, array $data): Part
    {
        return new Part('x', $kind, self::sheet($kind, $data));
    }

    private static function endurance(Study $study, int $month = 6, ComesIn $in = ComesIn::All): Endurance
    {
        $map = Endurance::of($study, self::of(PartKind::Battery, self::LFP), self::of(PartKind::Panel, self::PANEL), $month, $in);
        self::assertNotNull($map);

        return $map;
    }

    public function testTheCheapestPointIsInsideTheFencesAndATighterFenceMovesIt(): void
    {
        $long = ['travel' => ['months' => [5, 6, 7, 8], 'wish_days' => 10, 'hook_up' => 'sometimes', 'driving_h_day' => 0.5]];
        $map = self::endurance(self::study($long));
        $best = $map->cheapest();
        self::assertNotNull($best);
        self::assertTrue($map->at(...$best) >= $map->wish);
        self::assertSame([1300.0, 43.0], [$map->price(2, 3), $map->massKg(2, 3)], '2 × 500 and 3 × 100; 2 × 11 kg and 3 × 7 kg');
        self::assertSame([], $map->broken(...$best));
        // Nothing cheaper inside does: all other points are tried.
        for ($n = 1; $n <= $map->mostStrings(); ++$n) {
            for ($m = 0; $m <= $map->mostPanels(); ++$m) {
                if ($map->broken($n, $m) === [] && $map->at($n, $m) >= $map->wish) {
                    self::assertGreaterThanOrEqual($map->price(...$best), $map->price($n, $m));
                }
            }
        }
        // Half the roof: fewer panels, so more battery, or nothing.
        $small = self::endurance(
            self::study($long + ['vehicle' => ['kind' => 'camper_van', 'system_v' => 12, 'roof_m2' => 0.8, 'payload_kg' => 100]]),
        );
        $moved = $small->cheapest();
        self::assertNotNull($moved);
        self::assertLessThanOrEqual(1, $moved[1]);
        self::assertNotSame($best, $moved);
        self::assertGreaterThan($map->price(...$best), $small->price(...$moved));
        // Money that buys no point at all.
        $poor = self::endurance(
            self::study(['travel' => ['months' => [6], 'wish_days' => 4, 'hook_up' => 'never', 'driving_h_day' => 0, 'budget' => 550]]),
        );
        self::assertNull($poor->cheapest());
        self::assertContains('money', array_map(static fn(Fence $f): string => $f->name, $poor->broken(2, 2)));
    }

    public function testTheFencesStandWhereTheyShould(): void
    {
        $fences = [];
        foreach (self::endurance(self::study())->fences as $fence) {
            $fences[$fence->name] = $fence;
        }
        // 5 m² × 0.75 ÷ 0.567 m² = 6.6; two of 330 × 172 beside each other twice in 720 × 360.
        self::assertSame(6.0, $fences['roof']->atArray);
        self::assertSame(4.0, $fences['bay']->atBank);
        // 100 kg, and 30 kg of the old battery leave.
        self::assertEqualsWithDelta(130 / 11, $fences['payload']->atBank, 1e-9);
        self::assertTrue($fences['payload']->allows(5, 10));
        self::assertFalse($fences['payload']->allows(6, 10));
    }

    public function testOneMoreBatteryAgainstOneMorePanel(): void
    {
        // In midsummer with little array, panels win; in a dark November nothing but battery helps.
        $summer = Worth::at(self::endurance(self::study()), 2, 1);
        self::assertSame('panel', $summer->better);
        self::assertGreaterThan(0.0, $summer->panel);
        $dark = Worth::at(
            self::endurance(
                self::study(['travel' => ['months' => [12], 'wish_days' => 4, 'hook_up' => 'never', 'driving_h_day' => 0]]),
                12,
            ),
            2,
            1,
        );
        self::assertSame('battery', $dark->better);
        self::assertGreaterThan($dark->panel, $dark->battery);
        self::assertSame('neither', Worth::at(self::endurance(self::study()), 6, 10)->better);
    }

    public function testAStayTellsOldFromNewAndFollowsItsDays(): void
    {
        $stay = static fn(array $drive, array $hookUp): array => [
            'travel' => [
                'months' => [6, 10], 'wish_days' => 4, 'hook_up' => 'sometimes', 'driving_h_day' => 1,
                'stay' => ['month' => 10, 'days' => 10, 'drive' => $drive, 'hook_up' => $hookUp],
            ],
        ];
        $still = StayOutlook::of(self::study($stay([], [])));
        self::assertNotNull($still?->found);
        self::assertNotNull($still->planned);
        self::assertSame(10, $still->month);
        self::assertCount(10, $still->planned->days);
        self::assertGreaterThan($still->found->emptyAtH, $still->planned->emptyAtH ?? INF);
        $driven = StayOutlook::of(self::study($stay([3, 5, 7], [])));
        $hooked = StayOutlook::of(self::study($stay([], [4])));
        self::assertSame(
            [0, 0, 1, 0, 1],
            array_map(static fn($d): int => $d->alternatorWh > 0 ? 1 : 0, array_slice($driven->planned->days ?? [], 0, 5)),
        );
        self::assertGreaterThan(500.0, $hooked?->planned?->days[3]->shoreWh);
        self::assertGreaterThan($still->planned->daysServed(), $driven?->planned?->daysServed());
        self::assertNull(StayOutlook::of(self::study(['place' => null])));
        // The sky of single days is placed by hand; the others stay as they were.
        $placed = $stay([], []);
        $placed['travel']['stay'] += ['bright' => [2], 'grey' => [3]];
        $sky = array_map(static fn($d): float => $d->day->weather->clearness, StayOutlook::of(self::study($placed))->planned->days ?? []);
        $asItComes = array_map(static fn($d): float => $d->day->weather->clearness, $still->planned->days);
        self::assertSame([$asItComes[0], $asItComes[3]], [$sky[0], $sky[3]]);
        self::assertGreaterThan(2.5 * $sky[2], $sky[1]);
        self::assertTrue(min([1.0, ...$asItComes]) - 0.1 < $sky[2] && $sky[1] < max([0.0, ...$asItComes]) + 0.1);
        $this->expectExceptionMessage('bright-already');
        new Stay(10, 5, [], [], [2], [2]);
    }

    public function testTheYearAddsUp(): void
    {
        $year = YearOutlook::of(
            self::study(['travel' => ['months' => [5, 6, 7, 8], 'wish_days' => 4, 'hook_up' => 'never', 'driving_h_day' => 0.5]]),
        );
        self::assertNotNull($year);
        self::assertCount(12, $year->months);
        self::assertSame(365, array_sum(array_map(static fn($m): int => $m->days, $year->months)));
        $june = $year->months[5];
        self::assertTrue($june->travelled);
        self::assertGreaterThan(5 * $year->months[11]->offeredWh, $june->offeredWh);
        self::assertEqualsWithDelta(self::study()->loads()->budget->energyWhDay, $june->askedWh, 0.5);
        self::assertSame(0.0, $year->months[0]->askedWh, 'nobody lives in it in January');
        self::assertGreaterThan($year->servedPct(), YearOutlook::of(self::study(panels: 8))?->servedPct());
        self::assertSame(
            0,
            array_sum(
                array_map(
                    static fn($m): int => $m->frostNights,
                    YearOutlook::of(
                        self::study(['place' => ['name' => 'S', 'latitude_deg' => 20, 'min_c' => array_fill(0, 12, 20)]]),
                    )->months ?? [],
                ),
            ),
        );
    }

    /** Short of all by a hair is not told as all, on the page as in the finding. */
    public function testNearlyAllIsNotAll(): void
    {
        $needed = self::study()->simulations->sun()?->needed()->value ?? self::fail('no sun');
        $with = static fn(float $share): Study => self::study(parts: [[
            'uid' => 's9', 'kind' => 'panel', 'fate' => 'add', 'data' => ['pmax_w' => $share * $needed] + self::PANEL,
        ]], panels: 0);
        $told = static fn(Study $s): array => array_map(
            static fn(Verdict $v): mixed => $v->finding->args['covered'],
            array_values(array_filter($s->assessment()->verdicts, static fn(Verdict $v): bool => $v->finding->rule === 'sun-short')),
        );
        foreach ([[0.9996, 99.0], [0.42, 42.0], [1.0004, 100.0]] as [$share, $percent]) {
            $study = $with($share);
            self::assertEqualsWithDelta($share, $study->simulations->sun()?->coverage(), 1e-6);
            self::assertSame($percent, $study->simulations->sun()?->covered()->value);
            self::assertEquals($share < 1.0 ? [Amount::of($percent, '%', 0)] : [], $told($study));
        }
    }

    public function testLeadIsRightWhereItIs(): void
    {
        $part = static fn(string $uid, array $data): Part => ChemistryChoice::part($uid, 'M', $uid, self::sheet(PartKind::Battery, $data));
        $library = [$part('lfp', self::LFP), $part('agm', self::AGM)];
        // A hut of a trailer that needs little, a few weeks a year, with room and hook-up: the dear bank never earns its price.
        $little = [
            'appliances' => [
                ['uid' => 'a1', 'name' => 'lamp', 'side' => 'dc', 'watts' => 5, 'hours' => ['q1' => [['from_h' => 18, 'to_h' => 22]]]],
            ],
            'travel' => ['months' => [7], 'wish_days' => 3, 'hook_up' => 'mostly', 'driving_h_day' => 1],
        ];
        $choices = ChemistryChoice::all(self::study($little), $library);
        self::assertCount(2, $choices);
        self::assertSame('agm', ChemistryChoice::best($choices)?->chemistry->value);
        // Lived in all year, far from a post: cycles decide, and lead cannot be filled in a day.
        $much = ['travel' => ['months' => range(1, 12), 'wish_days' => 2, 'hook_up' => 'never', 'driving_h_day' => 2]];
        $choices = ChemistryChoice::all(self::study($much), $library);
        $best = ChemistryChoice::best($choices);
        self::assertSame('lfp', $best?->chemistry->value);
        self::assertLessThan($choices[0]->costPerKwh->value ?? 0.0, $best->costPerKwh->value ?? INF);
        self::assertSame([], ChemistryChoice::all(self::study($much), []));
        self::assertNull(ChemistryChoice::best([]));
    }

    /** 20 A at 48 V against 80 A at 12 V. Common practice, no source. */
    public function testVoltagesSideBySide(): void
    {
        $load = [
            'appliances' => [
                ['uid' => 'a1', 'name' => 'oven', 'side' => 'dc', 'watts' => 960, 'hours' => ['q1' => [['from_h' => 18, 'to_h' => 19]]]],
            ],
        ];
        $all = VoltageChoice::all(
            self::study($load),
            [new Part('c', PartKind::Cable, self::sheet(PartKind::Cable, ['size_mm2' => 16, 'price_per_m' => 5]))],
        );
        self::assertSame([80.0, 40.0, 20.0], array_map(static fn(VoltageChoice $v): float => $v->peakA->value, $all));
        self::assertGreaterThan($all[2]->cable?->areaMm2, $all[0]->cable?->areaMm2);
        self::assertSame(15.0, $all[0]->cableCost);
        self::assertFalse($all[0]->needsConverter);
        self::assertTrue($all[1]->needsConverter);
        self::assertSame(
            ['battery', 'ways', 'panel', 'roof'],
            array_map(static fn(Growth $g): string => $g->what, Growth::of(self::study())),
        );
        self::assertSame(2.0, Growth::of(self::study())[0]->left);
    }

    public function testPanelsGoToTheirRegulators(): void
    {
        $study = self::study(
            parts: [
                [
                    'uid' => 'r2', 'kind' => 'regulator', 'fate' => 'add',
                    'data' => ['technology' => 'mppt', 'max_charge_a' => 15, 'max_pv_v' => 75],
                ],
                ['uid' => 's9', 'kind' => 'panel', 'fate' => 'add', 'model' => 'other', 'data' => ['pmax_w' => 60, 'tilt_deg' => 30]],
            ],
        );
        $arrays = PvArray::allOf($study->planned());
        self::assertSame(['r1', 'r2'], array_map(static fn(PvArray $a): ?string => $a->regulator?->uid, $arrays));
        self::assertSame([200.0, 60.0], array_map(static fn(PvArray $a): float => $a->watts(), $arrays));
        self::assertNull($arrays[1]->fit(1, -20.0, 14.4), 'a data sheet with gaps is not judged');
        // Wires go before likeness.
        $wired = self::study(
            ['conductors' => [['uid' => 'c1', 'from' => 's1.plus', 'to' => 'r2.pv_plus']]],
            [[
                'uid' => 'r2', 'kind' => 'regulator', 'fate' => 'add',
                'data' => ['technology' => 'mppt', 'max_charge_a' => 15, 'max_pv_v' => 75],
            ]],
        );
        self::assertSame([100.0, 100.0], array_map(static fn(PvArray $a): float => $a->watts(), PvArray::allOf($wired->planned())));
        $gain = RegulatorGain::of($study, $arrays[0]);
        self::assertNotNull($gain);
        // 18.6 V against 13.6 V: about a third at 25 °C, more in the cold, less in the heat.
        self::assertEqualsWithDelta(0.30, $gain->gain(), 0.12);
    }

    /** First principles: V(T) = V (1 + k ΔT), by hand. */
    public function testAnArrayByHand(): void
    {
        $panel = PanelSheet::of(400, 37.2, 31.0, 13.7, 12.9, -0.28, -0.36);
        $fit = ArrayFit::of($panel, 2, 2, RegulatorSheet::of(true, 100.0, 50.0, 35.0), -25.0, 70.0, 14.2);
        self::assertEqualsWithDelta(2 * 37.2 * 1.14, $fit->vocColdV, 1e-9);
        self::assertEqualsWithDelta(2 * 31.0 * (1 - 0.0036 * 45), $fit->vmpHotV, 1e-9);
        self::assertSame(27.4, $fit->iscA);
        self::assertEqualsWithDelta(1600 / 14.2, $fit->chargeAUnclipped, 1e-9);
        self::assertSame(50.0, $fit->chargeA);
        self::assertTrue($fit->fits(), 'clipping is only a note');
        self::assertFalse(ArrayFit::of($panel, 3, 1, RegulatorSheet::of(true, 100.0, 50.0), -25.0, 70.0, 14.2)->fits());
        // One 12 V panel cannot fill a 24 V bank.
        self::assertFalse(
            ArrayFit::of(
                PanelSheet::of(100, 22.4, 18.6, 5.75, 5.38),
                1,
                1,
                RegulatorSheet::of(true, 100.0, 20.0),
                -10.0,
                70.0,
                28.4,
            )->fits(),
        );
        // A house panel on PWM is wasted.
        self::assertFalse(ArrayFit::of($panel, 1, 1, RegulatorSheet::of(false, 50.0, 20.0), -10.0, 70.0, 14.2)->fits());
        // Mixed in series: the smaller current; in parallel: the lower volts.
        $small = PanelSheet::of(60, 22.0, 18.2, 3.55, 3.3);
        $large = PanelSheet::of(100, 22.4, 18.6, 5.75, 5.38);
        $series = ArrayFit::ofStrings([[$small, $large]], RegulatorSheet::of(true, 100.0, 50.0), -10.0, 70.0, 14.2);
        self::assertEqualsWithDelta(160 * (18.2 + 18.6) * 3.3 / (18.2 * 3.3 + 18.6 * 5.38), $series->pmaxW, 1e-6);
        $parallel = ArrayFit::ofStrings([[$small], [$large]], RegulatorSheet::of(true, 100.0, 50.0), -10.0, 70.0, 14.2);
        self::assertLessThan(5.0, $parallel->mixedLossW);
        self::assertGreaterThan(30.0, $series->mixedLossW);
    }

    /** IEC 60228 class 5 (from memory): 16 mm² has 1.21 Ω/km. */
    public function testAChargerAndAPostByHand(): void
    {
        $fit = DcdcFit::of(120.0, 50.0, 30.0, Way::of(Run::of(ConductorSize::ofArea(16.0), 6.0)));
        self::assertEqualsWithDelta(50 * 14 / (13.5 * 0.9), $fit->inputA, 1e-9);
        self::assertEqualsWithDelta($fit->inputA * 2 * 6 * 0.00121, $fit->dropV(), 1e-9);
        self::assertSame(30.0, $fit->recommendedOutputA);
        self::assertFalse($fit->mayChargeAtIdle());
        self::assertTrue(DcdcFit::of(120.0, 20.0, 30.0)->mayChargeAtIdle());
        self::assertSame([], DcdcFit::of(120.0, 25.0, 20.0)->findings());
        $post = ShoreFit::of(230.0, 10.0, 60.0, 14.2, 90.0, 1000.0);
        self::assertEqualsWithDelta(60 * 14.2 / (0.9 * 230), $post->chargerAcA, 1e-9);
        self::assertEqualsWithDelta(10.0 - $post->totalAcA, $post->headroomA, 1e-9);
        $most = ShoreFit::of(230.0, 10.0, $post->maxChargerOutputA, 14.2, 90.0, 1000.0);
        self::assertEqualsWithDelta(0.0, $most->headroomA, 1e-9);
        self::assertSame(0.0, ShoreFit::of(230.0, 6.0, 10.0, 14.2, 90.0, 2000.0)->maxChargerOutputA);
        $mains = MainsCheck::of(self::study());
        self::assertCount(3, $mains->posts());
        self::assertGreaterThan(0.0, $mains->generatorHelped()->value);
        self::assertSame(900.0, MainsCheck::smallest(701.0));
        self::assertNull(MainsCheck::smallest(99_999.0));
    }
}
