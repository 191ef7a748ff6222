<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Balance\BatteryReading;
use Pebblefell\Bank\Fade;
use Pebblefell\Drawing\Frame;
use Pebblefell\Schedule\Calendar;
use Pebblefell\Schedule\Task;
use Pebblefell\Schedule\Timetable;
use Pebblefell\Stage\Aftercare\FadeSketch;
use Pebblefell\Stage\Balance\SessionSketch;
use Pebblefell\Stage\Bank\BankSketch;
use Pebblefell\Stage\Bank\DriftSketch;
use Pebblefell\Stage\DayPlan\BayChart;
use Pebblefell\Stage\DayPlan\DayChart;
use Pebblefell\Stage\Handover\SimpleSketch;
use Pebblefell\Stage\Loads\DaySketch;
use Pebblefell\Stage\Size\AxleSketch;
use Pebblefell\Stage\Size\RoofSketch;
use Pebblefell\Stage\Size\StaySketch;
use Pebblefell\Stage\Size\TanksSketch;
use Pebblefell\Stage\Sources\SunSketch;
use Pebblefell\Stage\Sources\YearSketch;
use Pebblefell\Stage\Wiring\OneLine;
use Pebblefell\Stage\Wiring\SelectivityChart;
use Pebblefell\Stage\Wiring\Shown;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\PartKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A drawing says what its sum says: what is read off it, back through its scales, is the figure; and nothing lies where it cannot be seen. */
final class SketchesTest extends TestCase
{
    use WholeJobs;

    /** Px: a tenth is what paths are rounded to. */
    private const ROUND = 0.11;

    #[DataProvider('wholeJobs')]
    public function testTheDaysAreaIsItsEnergy(Study $study): void
    {
        $budget = $study->loads()->budget;
        foreach ([true, false] as $narrow) {
            $sketch = DaySketch::of($budget, $narrow);
            $hours = array_column($sketch->hours, null, 'value');
            $pxAnHour = ($sketch->hours[8]->at - $sketch->hours[0]->at) / 24.0;
            $pxAWatt = ($sketch->floor - 12.0) / $sketch->topW;
            foreach ([
                'all' => static fn($m): float => $m->meanW,
                'dc' => static fn($m): float => $m->dcMeanW,
            ] as $layer => $watts) {
                $wh = array_sum(array_map(static fn($m): float => $watts($m) * $m->hours(), $budget->moments));
                $drawn = self::areaOf(self::points($sketch->layers[$layer])) / $pxAnHour / $pxAWatt;
                // A tenth of a pixel along each of the stairs.
                self::assertEqualsWithDelta($wh, $drawn, self::ROUND * 24.0 / $pxAWatt + 0.01 * $wh, $layer);
            }
            $energy = self::points($sketch->energy);
            self::assertEqualsWithDelta($sketch->floor, $energy[0][1], self::ROUND);
            self::assertEqualsWithDelta($budget->energyWhDay > 0.0 ? 12.0 : $sketch->floor, $energy[count($energy) - 1][1], self::ROUND);
            self::assertEqualsWithDelta($hours[0]->at + $budget->worst->fromH * $pxAnHour, $sketch->worst['x'], self::ROUND);
        }
    }

    #[DataProvider('wholeJobs')]
    public function testTanksShowWhatCanBeHad(Study $study): void
    {
        foreach ([true, false] as $narrow) {
            $sketch = TanksSketch::of($study, $narrow);
            self::assertSame(
                [$study->banks()->found->exists(), $study->banks()->planned->exists() && $study->banks()->planned !== $study->banks()->found],
                [isset($sketch->tanks['found']), isset($sketch->tanks['planned'])],
            );
            foreach ($sketch->tanks as $tank) {
                self::assertLessThanOrEqual($tank['rated'] + self::ROUND, $tank['usable']);
                // Both on one scale: the share of the width is the share of the energy.
                self::assertEqualsWithDelta($tank['usableWh'] / $tank['ratedWh'], $tank['usable'] / $tank['rated'], 0.003);
                self::assertLessThanOrEqual($sketch->frame->right + self::ROUND, $sketch->frame->left + $tank['rated']);
                $days = $study->loads()->budget->energyWhDay;
                self::assertCount(
                    $days > 0.0 ? (int) min(60, floor($tank['usableWh'] / $days)) : 0,
                    self::pieces($tank['days']),
                    'a mark for each whole day',
                );
            }
            if ($sketch->wish !== null && $sketch->tanks !== []) {
                $tank = current($sketch->tanks);
                self::assertEqualsWithDelta(
                    $study->system->travel->wishDays * $study->loads()->budget->energyWhDay,
                    ($sketch->wish['x'] - $sketch->frame->left) * $tank['ratedWh'] / $tank['rated'],
                    0.003 * $tank['ratedWh'],
                );
            }
        }
    }

    #[DataProvider('wholeJobs')]
    public function testSunAndYearStackToTheirMonths(Study $study): void
    {
        foreach ([true, false] as $narrow) {
            $sun = $study->simulations->sun();
            self::assertSame($study->system->place === null, $sun === null);
            if ($sun !== null) {
                $sketch = SunSketch::of($sun, $narrow);
                $pxAWh = ($sketch->frame->bottom - $sketch->frame->top) / $sketch->topWh;
                foreach ($sketch->months as $k => $month) {
                    self::assertEqualsWithDelta($sun->months[$k]->plannedWh * $pxAWh, $month['planned'][1], self::ROUND);
                    self::assertEqualsWithDelta($sketch->frame->bottom, $month['found'][0] + $month['found'][1], 2.0 * self::ROUND);
                    self::assertSame($sun->months[$k] === $sun->ruling, $month['ruling']);
                }
            }
            $year = $study->simulations->year();
            if ($year === null) {
                continue;
            }
            $sketch = YearSketch::of($year, $narrow);
            $pxAWh = ($sketch->frame->bottom - $sketch->frame->top) / (1.02 * $sketch->topWh);
            foreach ($sketch->months as $k => $month) {
                $of = $year->months[$k];
                $foot = $sketch->frame->bottom;
                foreach (['solar' => $of->solarWh, 'alternator' => $of->alternatorWh, 'shore' => $of->shoreWh] as $source => $wh) {
                    [$top, $height] = $month['bars'][$source];
                    self::assertEqualsWithDelta($wh * $pxAWh, $height, self::ROUND, $source);
                    self::assertEqualsWithDelta($foot, $top + $height, 2.0 * self::ROUND, "$source stands on what is below it");
                    $foot = $top;
                }
                self::assertGreaterThanOrEqual($sketch->frame->top - self::ROUND, $foot);
                self::assertSame($of->travelled, $month['asked'] !== null);
            }
        }
    }

    public function testAStaysCurveIsItsCharge(): void
    {
        $drawn = 0;
        foreach (self::wholeJobs() as [$study]) {
            $stay = $study->simulations->stay();
            if ($stay === null) {
                continue;
            }
            foreach ([true, false] as $narrow) {
                $sketch = StaySketch::of($stay, $narrow);
                foreach (['found' => $stay->found, 'planned' => $stay->planned] as $which => $outcome) {
                    if ($outcome === null || $sketch === null) {
                        continue;
                    }
                    $points = self::points($sketch->curves[$which]);
                    $steps = count($outcome->socPct) - 1;
                    foreach ([0, intdiv(count($points), 3), count($points) - 1] as $i) {
                        [$x, $y] = $points[$i];
                        $step = (int) round(($x - $sketch->frame->left) / $sketch->frame->boxWidth() * $steps);
                        $pct = 100.0 * ($sketch->frame->bottom - $y) / $sketch->frame->boxHeight();
                        // Within what a tenth of a pixel is along a steep curve: the neighbours of the step.
                        $near = array_slice($outcome->socPct, max(0, $step - 2), 5);
                        self::assertGreaterThanOrEqual(min([100.0, ...$near]) - 0.2, $pct, $which);
                        self::assertLessThanOrEqual(max([0.0, ...$near]) + 0.2, $pct, $which);
                    }
                    ++$drawn;
                }
                foreach ($sketch->days ?? [] as $day) {
                    self::assertLessThanOrEqual($day['offered'][1] + self::ROUND, $day['used'][1], 'no more sun is used than shines');
                }
            }
        }
        self::assertGreaterThan(10, $drawn);
    }

    #[DataProvider('wholeJobs')]
    public function testABankIsDrawnWithItsOwnAmps(Study $study): void
    {
        $drawing = $study->drawing();
        if ($drawing === null || $drawing->problem !== null) {
            self::assertTrue($drawing === null || $drawing->strings !== []);

            return;
        }
        $share = $drawing->network->share(100.0);
        foreach ([true, false] as $narrow) {
            $sketch = BankSketch::of($drawing, $share, null, $narrow);
            [, , $width, $height] = array_map(floatval(...), explode(' ', $sketch->viewBox));
            $top = (float) explode(' ', $sketch->viewBox)[1];
            $strings = [];
            foreach ($sketch->batteries as $i => $a) {
                self::assertTrue($a['x'] >= 0.0 && $a['x'] + $a['width'] <= $width && $a['y'] >= $top, 'in the frame');
                self::assertLessThanOrEqual($top + $height, $a['y'] + $sketch->boxHeight);
                $strings[$a['string']] = $a['amps'];
                foreach (array_slice($sketch->batteries, $i + 1) as $b) {
                    self::assertTrue(
                        $a['x'] + $a['width'] <= $b['x'] || $b['x'] + $b['width'] <= $a['x']
                        || $a['y'] + $sketch->boxHeight <= $b['y'] || $b['y'] + $sketch->boxHeight <= $a['y'],
                        'no box over another',
                    );
                }
            }
            // Kirchhoff, off the drawing: what the strings give is what is taken off.
            self::assertEqualsWithDelta(100.0, array_sum($strings), 1e-6);
            self::assertCount(count($drawing->links), $sketch->links);
            $ends = array_map(static fn(array $t): string => round($t['x'], 1) . ' ' . round($t['y'], 1), $sketch->terminals);
            foreach ($sketch->links as $link) {
                [$first] = self::points($link['path']);
                self::assertContains("$first[0] $first[1]", $ends, 'a link begins at a post');
                self::assertEqualsWithDelta(
                    1.5 + 6.0 * abs($link['amps']) / max([1.0, ...array_map(abs(...), $share->linkA)]),
                    $link['thick'],
                    0.06,
                );
            }
        }
    }

    public function testADriftIsDrawnToItsEnd(): void
    {
        $study = self::wholeJob('dental-van');
        $drawing = $study->drawing();
        self::assertNotNull($drawing);
        $sources = $drawing->network->sources;
        $drift = $drawing->drift(60.0);
        self::assertNotNull($drift);
        $sketch = DriftSketch::of($drift, range(1, count($sources)), false);
        $last = $drift->course[count($drift->course) - 1];
        foreach ($sketch->curves as $b => $curve) {
            $points = self::points($curve['path']);
            [$x, $y] = $points[count($points) - 1];
            self::assertEqualsWithDelta($sketch->frame->right, $x, self::ROUND);
            self::assertEqualsWithDelta(
                abs($last['amps'][$b]),
                ($sketch->frame->bottom - $y) / $sketch->frame->boxHeight() * $sketch->mostA,
                self::ROUND / $sketch->frame->boxHeight() * $sketch->mostA + 1e-9,
            );
        }
    }

    public function testABalanceLogIsReadBackOffItsCurves(): void
    {
        mt_srand(21);
        $midnight = 1_764_201_600.0;
        for ($n = 0; $n < 60; ++$n) {
            $batteries = [];
            foreach (range(1, mt_rand(1, 6)) as $b) {
                $at = $midnight + mt_rand(0, 40_000);
                $readings = [];
                for ($k = mt_rand(1, 40); $k > 0; --$k) {
                    $at += mt_rand(30, 5000);
                    $readings[] = new BatteryReading((float) $at, mt_rand(12_800, 14_600) / 1000.0, null, null, null);
                }
                $batteries[] = [
                    'readings' => $readings,
                    'readyAtS' => mt_rand(0, 1) === 1 ? $at + mt_rand(600, 90_000) : null,
                    'towardsV' => mt_rand(0, 1) === 1 ? 13.4 : null,
                ];
            }
            $all = array_merge(...array_column($batteries, 'readings'));
            $now = max([$midnight, ...array_map(static fn(BatteryReading $r): float => $r->atS, $all)]);
            $narrow = $n % 2 === 0;
            $sketch = SessionSketch::of($batteries, [], $now, 3600.0, $narrow);
            self::assertNotNull($sketch);
            // The scales, from two of the sheet's own marks each.
            $seconds = self::scaleOf($sketch->times, $n);
            $volts = self::scaleOf($sketch->volts, $n);
            foreach ($sketch->curves as $curve) {
                foreach (self::points($curve['path']) as $k => [$x, $y]) {
                    $reading = $batteries[$curve['number'] - 1]['readings'][$k];
                    if ($seconds !== null) {
                        self::assertEqualsWithDelta($reading->atS, $seconds($x), 0.004 * 90_000 * 4, 'time');
                    }
                    self::assertEqualsWithDelta($reading->volts, $volts === null ? $reading->volts : $volts($y), 0.02, 'volts');
                    self::assertTrue($x >= $sketch->frame->left - self::ROUND && $x <= $sketch->frame->right + self::ROUND);
                }
            }
            // Marks of time stand on full clock times of the wall, one hour east.
            foreach ($sketch->times as $tick) {
                self::assertSame(0.0, fmod($tick->value + 3600.0, 600.0));
            }
            $labels = array_column($sketch->curves, 'labelY');
            sort($labels);
            for ($k = 1; $k < count($labels); ++$k) {
                self::assertGreaterThanOrEqual(14.0 - self::ROUND, $labels[$k] - $labels[$k - 1], 'numbers keep apart');
            }
        }
        self::assertNull(SessionSketch::of([['readings' => [], 'readyAtS' => null, 'towardsV' => null]], [], $midnight, 0.0, false));
    }

    public function testAFadeIsDrawnAsItIsReckoned(): void
    {
        $measured = [['years' => 0.0, 'ah' => 100.0], ['years' => 1.0, 'ah' => 97.0], ['years' => 2.5, 'ah' => 93.5]];
        $fade = Fade::of($measured, 100.0);
        foreach ([true, false] as $narrow) {
            $sketch = FadeSketch::of($measured, $fade, 100.0, $narrow);
            $share = self::scaleOf($sketch->percents, 0);
            $years = self::scaleOf($sketch->years, 0);
            self::assertNotNull($share);
            self::assertNotNull($years);
            foreach ($sketch->points as $k => $point) {
                self::assertEqualsWithDelta($measured[$k]['ah'] / 100.0, $share($point['y']), 0.002);
                self::assertEqualsWithDelta($measured[$k]['years'], $years($point['x']), 0.02);
            }
            self::assertEqualsWithDelta(Fade::END, $share($sketch->endY), 0.002);
            [$first, $last] = self::points($sketch->line);
            $perYear = ($share($last[1]) - $share($first[1])) / ($years($last[0]) - $years($first[0]));
            self::assertEqualsWithDelta($fade->perYearAh / 100.0, $perYear, 0.001);
        }
        // A label alone has no line.
        self::assertSame('', FadeSketch::of([], null, 100.0, false)->line);
    }

    public function testBaysNeverHideOneStayBehindAnother(): void
    {
        mt_srand(63);
        $calendar = Calendar::of([[8.0, 16.0], [32.0, 40.0], [200.0, 208.0]]);
        for ($n = 0; $n < 120; ++$n) {
            $bays = ['Bay 1', 'Bay 2', 'Outside'];
            $stays = [];
            for ($k = mt_rand(0, 12); $k > 0; --$k) {
                $from = mt_rand(-40, 320);
                $stays[] = ['bay' => $bays[mt_rand(0, 2)], 'fromH' => (float) $from, 'toH' => (float) ($from + mt_rand(2, 90)), 'label' => "V$k"];
            }
            usort($stays, static fn(array $a, array $b): int => $a['fromH'] <=> $b['fromH']);
            $chart = BayChart::of($bays, $stays, $calendar, 30.0, $n % 2 === 1);
            self::assertCount(count($stays), $chart->bars);
            foreach ($chart->bars as $i => $a) {
                $stay = $stays[$a['k']];
                $earlier = array_filter(
                    $stays,
                    static fn(array $s, int $k): bool => $k < $a['k'] && $s['bay'] === $stay['bay'] && $s['toH'] > $stay['fromH'],
                    ARRAY_FILTER_USE_BOTH,
                );
                if ($a['clash']) {
                    self::assertNotSame([], $earlier, 'what is called a clash is one');
                }
                if ($earlier === []) {
                    self::assertFalse($a['clash']);
                }
                self::assertLessThanOrEqual($chart->frame->right + 3.0, $a['x'] + min($a['width'], 1e9));
                foreach (array_slice($chart->bars, $i + 1) as $b) {
                    $overlap = min($a['x'] + $a['width'], $b['x'] + $b['width']) - max($a['x'], $b['x']);
                    // Three pixels are the least that is drawn of a stay.
                    self::assertTrue($a['y'] !== $b['y'] || $overlap <= 3.0, 'two in one row do not lie over one another');
                }
            }
            self::assertSame([true, true], [$chart->days[0]['open'], $chart->days[8]['open']]);
            self::assertFalse($chart->days[3]['open']);
        }
    }

    public function testADayIsDrawnByTheClockAndNightsAreShort(): void
    {
        $open = [[8.0, 16.0], [32.0, 40.0], [56.0, 64.0]];
        $calendar = Calendar::of($open);
        $tasks = [
            new Task('strip', 3.0, [], ['crew' => 1]),
            new Task('fit', 6.0, ['strip'], ['crew' => 1]),
            new Task('cure', 10.0, ['strip'], [], true),
            new Task('test', 2.0, ['fit', 'cure'], ['crew' => 1]),
        ];
        $table = Timetable::of($tasks, ['crew' => 1], $calendar, 8.0);
        $drawn = array_fill_keys(['strip', 'fit', 'test'], ['lane' => 'crew', 'wait' => false, 'label' => 'work'])
            + ['cure' => ['lane' => 'glue', 'wait' => true, 'label' => 'cures']];
        foreach ([true, false] as $narrow) {
            $chart = DayChart::of($table, $calendar, $drawn, 8.0, 9.0, $narrow);
            $bars = array_column($chart->bars, null, 'id');
            self::assertEqualsWithDelta($chart->frame->left, $bars['strip']['x'], self::ROUND);
            self::assertEqualsWithDelta($bars['strip']['x'] + $bars['strip']['width'], $bars['fit']['x'], 0.3, 'one after the other');
            self::assertEqualsWithDelta($chart->finishX, $bars['test']['x'] + $bars['test']['width'], 0.3);
            $anHour = $bars['strip']['width'] / 3.0;
            self::assertEqualsWithDelta($chart->frame->left + $anHour, $chart->nowX ?? 0.0, 0.3);
            // The night from 16 to 32 takes 0.22 of what sixteen hours of work would.
            self::assertEqualsWithDelta(0.22 * 16.0 * $anHour, $chart->nights[0]['width'], 0.3);
            self::assertSame([0, 0, 0, 1], [$bars['strip']['lane'], $bars['fit']['lane'], $bars['test']['lane'], $bars['cure']['lane']]);
            self::assertTrue($bars['strip']['critical']);
            foreach ($chart->ticks as $k => $tick) {
                self::assertTrue($k === 0 || $tick['day'] || $tick['x'] - $chart->ticks[$k - 1]['x'] > 26.0, 'hours are readable');
            }
        }
    }

    public function testFusesOfALineAreDrawnWhereTheyBlow(): void
    {
        $drawn = 0;
        foreach (self::wholeJobs() as [$study]) {
            $all = $study->planned()->of(Family::OvercurrentDevice);
            foreach ([true, false] as $narrow) {
                $chart = SelectivityChart::of($study, $all, $narrow);
                if ($chart !== null) {
                    self::reads($chart);
                    $drawn += count($chart->bands);
                }
            }
        }
        self::assertGreaterThan(12, $drawn);
    }

    private static function reads(SelectivityChart $chart): void
    {
        [$a, $b] = [$chart->amps[0], $chart->amps[count($chart->amps) - 1]];
        $log = static fn(float $amps): float => $a['tick']->at
            + (log10($amps) - log10($a['amps'])) / (log10($b['amps']) - log10($a['amps'])) * ($b['tick']->at - $a['tick']->at);
        foreach ($chart->from as $clash) {
            self::assertEqualsWithDelta($log($clash['amps']), $clash['x'], 0.3);
        }
        foreach ($chart->bands as $band) {
            foreach (self::points(rtrim($band['area'], 'Z')) as [$x, $y]) {
                self::assertTrue($x >= $chart->frame->left - 1.0 && $x <= $chart->frame->right + 1.0, 'in the box');
                self::assertTrue($y >= $chart->frame->top - self::ROUND && $y <= $chart->frame->bottom + self::ROUND);
            }
            $rating = $band['part']->data->number('rating_a') ?? 0.0;
            self::assertGreaterThanOrEqual($log($rating) - 0.3, $band['x'], 'no fuse opens below its rating');
        }
        $seconds = array_column($chart->seconds, 'tick');
        for ($k = 1; $k < count($seconds); ++$k) {
            self::assertLessThan($seconds[$k - 1]->at, $seconds[$k]->at, 'longer is higher');
        }
    }

    #[DataProvider('wholeJobs')]
    public function testTheOneLineShowsEveryConductorOnce(Study $study): void
    {
        foreach ([[Shown::Planned, false], [Shown::Planned, true], [Shown::Found, false]] as [$shown, $narrow]) {
            $graph = $shown->graph($study);
            $positive = OneLine::of($study, $shown, $narrow);
            $negative = OneLine::of($study, $shown, $narrow, true);
            $bank = array_map(static fn($p): string => $p->uid, $study->banks()->planned->parts);
            $inOneBox = 0;
            foreach ($graph->conductors as $c) {
                $panels = $graph->parts[$c->from->uid]->kind === PartKind::Panel && $graph->parts[$c->to->uid]->kind === PartKind::Panel;
                $inOneBox += $panels || (in_array($c->from->uid, $bank, true) && in_array($c->to->uid, $bank, true)) ? 1 : 0;
            }
            $drawn = array_sum(array_column($positive->runs ?? [], 'count')) + array_sum(array_column($negative->runs ?? [], 'count'));
            self::assertSame(count($graph->conductors) - $inOneBox, (int) $drawn);
            foreach (array_filter([$positive, $negative]) as $one) {
                $boxes = array_column($one->boxes, null, 'uid');
                self::assertCount(count($one->boxes), $boxes, 'each box once');
                foreach ($one->boxes as $i => $a) {
                    self::assertTrue($a['x'] >= 0.0 && $a['x'] + $a['width'] <= $one->width + self::ROUND, 'in the sheet');
                    foreach (array_slice($one->boxes, $i + 1) as $b) {
                        self::assertTrue(
                            $a['x'] + $a['width'] <= $b['x'] + self::ROUND || $b['x'] + $b['width'] <= $a['x'] + self::ROUND
                            || $a['y'] + $a['height'] <= $b['y'] + self::ROUND || $b['y'] + $b['height'] <= $a['y'] + self::ROUND,
                            $a['uid'] . ' over ' . $b['uid'],
                        );
                    }
                }
                foreach ($one->runs as $run) {
                    self::assertArrayHasKey($run['ends'][0], $boxes);
                    self::assertArrayHasKey($run['ends'][1], $boxes);
                }
                self::assertLessThanOrEqual($narrow ? Frame::NARROW : INF, $one->width);
            }
        }
    }

    #[DataProvider('wholeJobs')]
    public function testRoofAxlesAndThePictureForTheDriver(Study $study): void
    {
        $roof = $study->simulations->roof();
        foreach ([true, false] as $narrow) {
            $sketch = $roof === null ? null : RoofSketch::of($roof, $narrow);
            $scale = $sketch->scale ?? 1.0;
            foreach ($sketch->panels ?? [] as $k => $panel) {
                // To scale: mm on the drawing are mm on the roof.
                [$along, $across] = $narrow ? ['height', 'width'] : ['width', 'height'];
                self::assertEqualsWithDelta($roof?->panels[$k]['l'], $panel[$along] / $scale, 0.06 / $scale);
                self::assertEqualsWithDelta($roof?->panels[$k]['w'], $panel[$across] / $scale, 0.06 / $scale);
            }
            self::assertLessThanOrEqual($narrow ? Frame::NARROW + 0.2 : Frame::WIDE + 0.2, $sketch->width ?? 0.0);
        }
        $axles = $study->axles();
        foreach ([true, false] as $narrow) {
            if ($axles === null) {
                continue;
            }
            $sketch = AxleSketch::of($axles, $narrow);
            self::assertEqualsWithDelta(
                array_sum(array_column($axles->moves, 'kg')),
                array_sum(array_column($sketch->masses, 'kg')),
                1e-6,
                'what is drawn weighs what comes and goes',
            );
            self::assertLessThan($sketch->rear, $sketch->front);
        }
        $simple = SimpleSketch::of($study);
        self::assertSame($study->banks()->planned->parts === [], $simple === null);
        foreach ($simple->boxes ?? [] as $i => $a) {
            self::assertTrue($a['x'] >= 0.0 && $a['x'] + $a['width'] <= SimpleSketch::WIDTH && $a['y'] + $a['height'] <= ($simple->height ?? 0.0));
            foreach (array_slice($simple->boxes ?? [], $i + 1) as $b) {
                self::assertTrue($a['x'] !== $b['x'] || abs($a['y'] - $b['y']) >= $a['height'] + 13.9, 'boxes of a column keep apart');
            }
        }
    }

    /**
     * The points of a path of lines; V and H are taken for what they are.
     *
     * @return list<array{float, float}>
     */
    private static function points(string $path): array
    {
        preg_match_all('/([MLHV])(-?[\d.]+)(?: (-?[\d.]+))?/', $path, $m, PREG_SET_ORDER);
        $points = [];
        foreach ($m as $step) {
            [$x, $y] = $points === [] ? [0.0, 0.0] : $points[count($points) - 1];
            $points[] = match ($step[1]) {
                'H' => [(float) $step[2], $y],
                'V' => [$x, (float) $step[2]],
                default => [(float) $step[2], (float) ($step[3] ?? 0)],
            };
        }

        return $points;
    }

    /**
     * @return list<string>
     */
    private static function pieces(string $path): array
    {
        return $path === '' ? [] : explode('M', substr($path, 1));
    }

    /**
     * Of a closed line, px², by the shoelace formula.
     *
     * @param list<array{float, float}> $points
     */
    private static function areaOf(array $points): float
    {
        $sum = 0.0;
        foreach ($points as $i => [$x, $y]) {
            [$nx, $ny] = $points[($i + 1) % count($points)];
            $sum += $x * $ny - $nx * $y;
        }

        return abs($sum) / 2.0;
    }

    /**
     * Values by place, from the first and the last mark of a scale.
     *
     * @param list<\Pebblefell\Drawing\AxisTick> $ticks
     *
     * @return ?callable(float): float null with fewer than two marks
     */
    private static function scaleOf(array $ticks, int $n): ?callable
    {
        if (count($ticks) < 2) {
            return null;
        }
        [$a, $b] = [$ticks[0], $ticks[count($ticks) - 1]];
        self::assertNotSame($a->at, $b->at, "sheet $n");

        return static fn(float $at): float => $a->value + ($at - $a->at) / ($b->at - $a->at) * ($b->value - $a->value);
    }
}
