<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Schema\SchemaCheck;
use Pebblefell\Calculation\Calculations;
use Pebblefell\Calculation\Said;
use Pebblefell\Exception\InvalidValue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Conductors, fuses, shorts, ladders of volts, capacity and schedules against tables, closed forms, ngspice and exhaustive search. */
final class WiringCalcTest extends TestCase
{
    /** ISO 10133 / ISO 13297 annex A, 30 °C (from memory): mm² => A at 70, 85 to 90 and 105 °C. */
    private const ISO_10133 = [
        [1.5, 18, 21, 25], [2.5, 25, 30, 35], [4, 35, 40, 45], [6, 45, 50, 60], [10, 65, 70, 90], [16, 90, 100, 130],
        [25, 120, 140, 170], [35, 160, 185, 210], [50, 210, 230, 270], [70, 265, 285, 330], [95, 310, 330, 390], [120, 360, 400, 450],
    ];

    /** IEC 60228 class 5, largest Ω/km at 20 °C (from memory). */
    private const IEC_60228 = [
        '1.5' => 13.3, '2.5' => 7.98, '4' => 4.95, '6' => 3.30, '10' => 1.91, '16' => 1.21, '25' => 0.780, '35' => 0.554,
        '50' => 0.386, '70' => 0.272, '95' => 0.206, '120' => 0.161,
    ];

    /** ABYC E-11, 105 °C, outside engine spaces (from memory). */
    private const ABYC_E11 = [
        '16' => 25, '14' => 35, '12' => 45, '10' => 60, '8' => 80, '6' => 120, '4' => 160, '2' => 210, '1' => 245, '1/0' => 285,
        '2/0' => 330, '3/0' => 385, '4/0' => 445,
    ];

    /**
     * @param array<string, mixed> $in
     *
     * @return array<string, mixed>
     */
    private static function ask(string $name, array $in): array
    {
        $calculation = Calculations::all()[$name];
        $text = str_replace(['"uses":[]', '"resources":[]'], ['"uses":{}', '"resources":{}'], (string) json_encode($in));
        $value = json_decode($text);
        $faults = SchemaCheck::faults($value, $calculation::schema());
        if ($faults !== []) {
            throw InvalidValue::at($faults[0]['path'], $faults[0]['message']);
        }

        return $calculation::run(json_decode((string) json_encode($value), true));
    }

    /**
     * @param array<string, mixed> $answer
     *
     * @return list<string>
     */
    private static function rules(array $answer): array
    {
        $rules = array_map(static fn(Said $s): string => $s->finding->rule, array_values($answer['findings']));
        sort($rules);

        return array_values(array_unique($rules));
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private static function conductor(array $change = []): array
    {
        return [
            ...['current_a' => 100, 'length_m' => 0.1, 'system_v' => 12, 'max_drop_pct' => 10, 'insulation_c' => 105, 'units' => 'mm2'],
            ...$change,
        ];
    }

    public function testAmpacitiesAreThoseOfTheTables(): void
    {
        foreach (self::ISO_10133 as [$mm2, $at70, $at90, $at105]) {
            foreach ([70 => $at70, 90 => $at90, 105 => $at105] as $insulation => $amps) {
                $exact = self::ask('conductor', self::conductor(['current_a' => $amps, 'insulation_c' => $insulation]));
                self::assertEqualsWithDelta([$mm2, $amps], [$exact['size_mm2'], $exact['ampacity_a']], 1e-9, "$mm2 mm² at $insulation °C");
                self::assertSame(["$mm2 mm²", 'ampacity'], [$exact['designation'], $exact['limited_by']]);
            }
        }
        foreach (self::ABYC_E11 as $gauge => $amps) {
            $exact = self::ask('conductor', self::conductor(['current_a' => $amps, 'units' => 'awg']));
            self::assertSame("$gauge AWG", $exact['designation']);
            self::assertEqualsWithDelta($amps, $exact['ampacity_a'], 1e-9);
        }
        // ASTM B258: d = 0.127 mm · 92^((36 − n)/39); 6 AWG is 13.3 mm². Cooler insulation by the ratio of the metric tables at 16 mm², the
        // nearest.
        $six = self::ask('conductor', self::conductor(['current_a' => 80, 'units' => 'awg', 'insulation_c' => 70]));
        self::assertSame('6 AWG', $six['designation']);
        self::assertEqualsWithDelta([13.3, 120 * 90 / 130], [$six['size_mm2'], $six['ampacity_a']], 0.01);
    }

    public function testResistanceAndDropFollowTheStandard(): void
    {
        foreach (self::IEC_60228 as $mm2 => $ohmPerKm) {
            $amps = array_combine(
                array_map(strval(...), array_column(self::ISO_10133, 0)),
                array_column(self::ISO_10133, 3),
            )[(string) $mm2];
            $out = self::ask('conductor', self::conductor(['current_a' => $amps, 'length_m' => 0.5, 'conductor_c' => 20]));
            self::assertEqualsWithDelta(2 * 0.5 * $ohmPerKm / 1000, $out['resistance_ohm'], 1e-9);
            self::assertEqualsWithDelta($amps * $out['resistance_ohm'], $out['drop_v'], 1e-9);
            self::assertEqualsWithDelta($out['drop_v'] / 12 * 100, $out['drop_pct'], 1e-9);
            $warm = self::ask('conductor', self::conductor(['current_a' => $amps, 'length_m' => 0.5, 'conductor_c' => 60]));
            // IEC 60028 (from memory): 0.00393 a kelvin.
            self::assertEqualsWithDelta($out['resistance_ohm'] * (1 + 0.00393 * 40), $warm['resistance_ohm'], 1e-9);
        }
        // By hand: 100 A over 3 m at 12 V and 3 %: 16 mm² carry it, 25 mm² lose 0.468 V, 35 mm² lose 0.332 V of the 0.36 V allowed.
        $out = self::ask('conductor', self::conductor(['length_m' => 3, 'max_drop_pct' => 3]));
        self::assertSame(['35 mm²', 'drop'], [$out['designation'], $out['limited_by']]);
        self::assertEqualsWithDelta([0.3324, 2.77, 210], [$out['drop_v'], $out['drop_pct'], $out['ampacity_a']], 0.001);
        $gauge = self::ask('conductor', self::conductor(['length_m' => 1, 'units' => 'awg']));
        self::assertEqualsWithDelta(2 * 1.7241e-8 / ($gauge['size_mm2'] * 1e-6), $gauge['resistance_ohm'], 1e-9);
    }

    public function testHeatAndCompanyTakeFromIt(): void
    {
        // √((T − ambient)/(T − 30)), as IEC 60364-5-52 builds its tables (from memory).
        $hot = self::ask('conductor', self::conductor(['ambient_c' => 50]));
        self::assertEqualsWithDelta(130 * sqrt(55 / 75), $hot['ampacity_a'], 1e-6);
        self::assertEqualsWithDelta(
            100,
            self::ask('conductor', self::conductor(['current_a' => 95, 'insulation_c' => 90, 'ambient_c' => 5]))['ampacity_a'],
            1e-9,
            'no more in the cold',
        );
        foreach ([[1, 130.0], [3, 130.0], [4, 119.0], [6, 119.0], [7, 102.0], [24, 102.0]] as [$grouped, $amps]) {
            self::assertEqualsWithDelta(
                $amps,
                self::ask('conductor', self::conductor(['grouped' => $grouped]))['ampacity_a'],
                1e-9,
                "$grouped in the bundle",
            );
        }
    }

    /**
     * @return iterable<string, array{string, array<string, mixed>, string}>
     */
    public static function refused(): iterable
    {
        yield 'no size carries it' => ['conductor', self::conductor(['current_a' => 600]), '/current_a'];
        yield 'no size loses so little' => ['conductor', self::conductor(['length_m' => 200, 'max_drop_pct' => 1]), '/max_drop_pct'];
        yield 'hotter than its insulation' => ['conductor', self::conductor(['insulation_c' => 70, 'ambient_c' => 75]), '/ambient_c'];
        yield 'no such insulation' => ['conductor', self::conductor(['insulation_c' => 80]), '/insulation_c'];
        yield 'a path of nothing' => [
            'short-circuit',
            [...self::randomBank(2), 'path' => [['size_mm2' => 10, 'length_m' => 1], ['size_mm2' => 0, 'length_m' => 1]]],
            '/path/1/size_mm2',
        ];
        $reading = static fn(float $t, float $v): array => ['t_s' => $t, 'volts' => $v, 'amps' => 5];
        yield 'one reading' => ['capacity-test', ['readings' => [$reading(0, 13)], 'end_v' => 10.5, 'capacity_ah' => 100], '/readings'];
        yield 'time that stands still' => [
            'capacity-test',
            ['readings' => [$reading(0, 13), $reading(9, 12.9), $reading(9, 12.8)], 'end_v' => 10.5, 'capacity_ah' => 100],
            '/readings/2/t_s',
        ];
        yield 'a circle' => [
            'schedule',
            ['tasks' => [['id' => 'a', 'hours' => 1, 'after' => ['b']], ['id' => 'b', 'hours' => 1, 'after' => ['a']]], 'resources' => []],
            '/tasks/0/after',
        ];
        yield 'after nothing known' => [
            'schedule', ['tasks' => [['id' => 'a', 'hours' => 1, 'after' => ['z']]], 'resources' => []], '/tasks/0/after/0',
        ];
        yield 'one id twice' => [
            'schedule', ['tasks' => [['id' => 'a', 'hours' => 1], ['id' => 'a', 'hours' => 2]], 'resources' => []], '/tasks/1/id',
        ];
        yield 'more hands than there are' => [
            'schedule', ['tasks' => [['id' => 'a', 'hours' => 1, 'uses' => ['fitter' => 2]]], 'resources' => ['fitter' => 1]],
            '/tasks/0/uses/fitter',
        ];
        yield 'hands that nobody has' => [
            'schedule', ['tasks' => [['id' => 'a', 'hours' => 1, 'uses' => ['crane' => 1]]], 'resources' => ['fitter' => 1]],
            '/tasks/0/uses/crane',
        ];
        yield 'no such rung' => [
            'ladder', ['chemistry' => 'lfp', 'cells' => 4, 'settings' => [['device' => 'x', 'parameter' => 'volts', 'value_v' => 14]]],
            '/settings/0/parameter',
        ];
    }

    /**
     * @param array<string, mixed> $in
     */
    #[DataProvider('refused')]
    public function testWhatCannotServeIsRefusedAtItsKey(string $name, array $in, string $path): void
    {
        try {
            self::ask($name, $in);
        } catch (InvalidValue $e) {
            self::assertSame($path, $e->path);

            return;
        }
        self::fail('taken in');
    }

    /**
     * @return iterable<string, array{array<string, mixed>, ?float, ?string, bool, list<string>}> in, rating, family, fits, rules
     */
    public static function fuses(): iterable
    {
        $in = static fn(float $load, bool $continuous, float $ampacity, float $volts, float $short): array => [
            'load_a' => $load, 'continuous' => $continuous, 'ampacity_a' => $ampacity, 'system_v' => $volts,
            'prospective_short_a' => $short,
        ];
        yield 'a pump' => [$in(6, false, 25, 12, 600), 7.5, 'blade', true, []];
        yield 'an hour and more asks for a quarter more' => [$in(12, true, 25, 12, 600), 15.0, 'blade', true, []];
        yield 'at its very rating' => [$in(15, false, 15, 12, 600), 15.0, 'blade', true, []];
        yield 'the cable burns first' => [$in(32, false, 35, 12, 600), 40.0, 'blade', false, ['fuse-above-cable']];
        yield 'a blade does not break that' => [$in(40, false, 60, 12, 1500), 40.0, 'sf30', true, []];
        yield 'next to a lithium bank' => [$in(200, false, 270, 12, 9000), 200.0, 'terminal', true, []];
        yield 'a large lithium bank' => [$in(200, false, 270, 12, 15_000), 200.0, 'class_t', true, []];
        yield 'blades are made for 32 V' => [$in(30, false, 60, 48, 800), 30.0, 'terminal', true, []];
        yield 'beyond what is made' => [$in(900, false, 1000, 12, 5000), null, null, false, ['fuse-above-cable']];
        yield 'nothing breaks it' => [$in(100, false, 200, 48, 50_000), 100.0, null, false, ['fuse-breaks-too-little']];
    }

    /**
     * Ratings by ISO 8820-3 and -5 and UL 248-15; what they break as usual (from memory).
     *
     * @param array<string, mixed> $in
     * @param list<string>         $rules
     */
    #[DataProvider('fuses')]
    public function testAFuseHoldsTheLoadSavesTheCableAndBreaksTheShort(
        array $in,
        ?float $rating,
        ?string $family,
        bool $fits,
        array $rules,
    ): void {
        $out = self::ask('fuse', $in);
        self::assertSame([$rating, $family], [$out['rating_a'], $out['family']]);
        self::assertSame([$fits, $rules], [$out['fits'], self::rules($out)]);
        if ($family !== null) {
            self::assertGreaterThanOrEqual($in['prospective_short_a'], $out['interrupt_a']);
        }
    }

    /**
     * @return array<string, mixed> batteries beside one another, joined at random, with bars
     */
    private static function randomBank(int $count): array
    {
        $r = static fn(float $low, float $high): float => $low + ($high - $low) * mt_rand() / mt_getrandmax();
        $batteries = $links = [];
        for ($i = 0; $i < $count; ++$i) {
            $batteries[] = ['id' => "B$i", 'ocv_v' => $r(12.9, 13.4), 'r_ohm' => $r(0.003, 0.03)];
            $links[] = [
                'from' => "B$i+", 'to' => $i === 0 || mt_rand(0, 1) === 0 ? 'bar+' : 'B' . ($i - 1) . '+', 'ohm' => $r(0.0001, 0.002),
            ];
            $links[] = [
                'from' => "B$i-", 'to' => $i === 0 || mt_rand(0, 1) === 0 ? 'bar-' : 'B' . ($i - 1) . '-', 'ohm' => $r(0.0001, 0.002),
            ];
        }

        return ['batteries' => $batteries, 'links' => $links, 'takeoff' => ['positive' => 'bar+', 'negative' => 'bar-']];
    }

    /** Ten random banks, shorted, against the operating point of the same netlist in ngspice (Debian), 0.1 %. */
    public function testABoltedShortIsWhatSpiceSays(): void
    {
        mt_srand(41);
        for ($n = 0; $n < 10; ++$n) {
            $in = self::randomBank(2 + $n % 5);
            $in['path'] = $n % 2 === 0 ? [] : [['size_mm2' => 50, 'length_m' => 0.8], ['size_mm2' => 16, 'length_m' => 2.5]];
            $out = self::ask('short-circuit', $in);
            // IEC 60228 class 5 (from memory): 50 mm² 0.386 and 16 mm² 1.21 Ω/km, out and back.
            $path = $in['path'] === [] ? 0.0 : 2 * (0.8 * 0.386 + 2.5 * 1.21) / 1000;
            self::assertEqualsWithDelta(self::spiced($in, 0.0), $out['at_takeoff_a'], 0.001 * $out['at_takeoff_a']);
            self::assertEqualsWithDelta(self::spiced($in, $path), $out['prospective_a'], 0.001 * $out['prospective_a']);
        }
        // By hand: 13.2 V behind 4 mΩ drive 3300 A, and through another 4 mΩ half of it.
        $one = [
            'batteries' => [['id' => 'A', 'ocv_v' => 13.2, 'r_ohm' => 0.004]], 'links' => [],
            'takeoff' => ['positive' => 'A+', 'negative' => 'A-'],
        ];
        self::assertEqualsWithDelta(3300, self::ask('short-circuit', $one)['at_takeoff_a'], 1e-3);
        self::assertEqualsWithDelta(
            1650,
            self::ask('short-circuit', [...$one, 'path' => [['size_mm2' => 17.241, 'length_m' => 2]]])['prospective_a'],
            1e-3,
        );
    }

    /**
     * @param array<string, mixed> $bank
     */
    private static function spiced(array $bank, float $pathOhm): float
    {
        $node = static fn(string $name): string => $name === $bank['takeoff']['negative'] ? '0' : 'n' . bin2hex($name);
        $lines = ['* short'];
        foreach ($bank['batteries'] as $i => $b) {
            $lines[] = sprintf('V%d x%d %s %.15g', $i, $i, $node($b['id'] . '-'), $b['ocv_v']);
            $lines[] = sprintf('R%d x%d %s %.15g', $i, $i, $node($b['id'] . '+'), $b['r_ohm']);
        }
        foreach ($bank['links'] as $i => $l) {
            $lines[] = sprintf('RL%d %s %s %.15g', $i, $node($l['from']), $node($l['to']), $l['ohm']);
        }
        $lines[] = sprintf('RP %s m %.15g', $node($bank['takeoff']['positive']), max(1e-9, $pathOhm));
        $lines[] = 'VM m 0 0';
        $lines = [...$lines, '.control', 'op', 'print i(vm)', '.endc', '.end'];
        $file = (string) tempnam(sys_get_temp_dir(), 'pebblefell-short-');
        file_put_contents($file, implode("\n", $lines) . "\n");
        $process = new Process(['ngspice', '-b', $file]);
        $process->run();
        unlink($file);
        preg_match('/i\(vm\) = (\S+)/', $process->getOutput(), $m);

        return (float) ($m[1] ?? self::fail($process->getOutput() . $process->getErrorOutput()));
    }

    public function testACapacityIsTheAreaUnderTheAmps(): void
    {
        $test = static fn(array $rows, float $end = 10.5): array => self::ask(
            'capacity-test',
            [
                'readings' => array_map(static fn(array $r): array => ['t_s' => $r[0], 'volts' => $r[1], 'amps' => $r[2]], $rows),
                'end_v' => $end, 'capacity_ah' => 100,
            ],
        );
        // Constant current, volts that fall in a straight line: 10 A from 12.5 to 10.5 V in 4 h: 40 Ah, and 40 Ah × 11.5 V.
        $steady = $test([[0, 12.5, 10], [7200, 11.5, 10], [14400, 10.5, 10]]);
        self::assertEqualsWithDelta(
            [40, 460, 4, true, 40],
            [$steady['ah'], $steady['wh'], $steady['hours'], $steady['reached_end'], $steady['pct']],
            1e-9,
        );
        // The end lies between two readings: 11.5 to 9.5 V, crossed half way.
        $crossed = $test([[0, 12.5, 10], [7200, 11.5, 10], [14400, 9.5, 10], [20000, 9.0, 10]]);
        self::assertEqualsWithDelta([30, 3, true], [$crossed['ah'], $crossed['hours'], $crossed['reached_end']], 1e-9);
        self::assertEqualsWithDelta(20 * 12 + 10 * 11, $crossed['wh'], 1e-9);
        // A straight fall of current: 20 to 0 A in 2 h is 20 Ah; the clock counts from the first reading.
        $falling = $test([[3600, 13, 20], [10800, 12, 0]]);
        self::assertEqualsWithDelta([20, 2, false], [$falling['ah'], $falling['hours'], $falling['reached_end']], 1e-9);
        // It rises again after the first crossing: that one ended it.
        self::assertEqualsWithDelta(5, $test([[0, 11, 10], [3600, 10, 10], [7200, 11, 10]])['ah'], 1e-9);
        self::assertEqualsWithDelta(
            [0, 0, true],
            array_values(array_intersect_key($test([[0, 10.5, 10], [3600, 10, 10]]), ['ah' => 1, 'hours' => 1, 'reached_end' => 1])),
            1e-9,
        );
        // Fine steps come to the closed form: amps 10 e^(−t/2 h) for 3 h.
        $rows = array_map(static fn(int $i): array => [$i * 36, 13.0, 10 * exp(-$i / 200)], range(0, 300));
        self::assertEqualsWithDelta(20 * (1 - exp(-1.5)), $test($rows)['ah'], 0.01 * 20);
    }

    public function testPlansThatAreDrawnByHand(): void
    {
        $plan = static fn(array $tasks, array $resources = []): array => self::ask(
            'schedule',
            [
                'tasks' => array_map(
                    static fn(array $t): array => [
                        'id' => (string) $t[0], 'hours' => $t[1], 'after' => array_map(strval(...), $t[2] ?? []),
                        'uses' => $t[3] ?? [],
                    ],
                    $tasks,
                ),
                'resources' => $resources,
            ],
        );
        $critical = static fn(array $out): array => array_values(
            array_map(static fn(array $t): string => $t['id'], array_filter($out['tasks'], static fn(array $t): bool => $t['critical'])),
        );
        $chain = $plan([['a', 2], ['b', 3, ['a']], ['c', 1, ['b']]]);
        self::assertEqualsWithDelta(6, $chain['finish_h'], 1e-9);
        self::assertSame(['a', 'b', 'c'], $critical($chain));
        $diamond = $plan([['a', 1], ['b', 4, ['a']], ['c', 2, ['a']], ['d', 1, ['b', 'c']]]);
        self::assertEqualsWithDelta(6, $diamond['finish_h'], 1e-9);
        self::assertSame(['a', 'b', 'd'], $critical($diamond));
        // Two chains on one person: their hours add up, and nobody may be late.
        $one = $plan([['a', 2, [], ['fitter' => 1]], ['b', 3, ['a'], ['fitter' => 1]], ['c', 4, [], ['fitter' => 1]]], ['fitter' => 1]);
        self::assertEqualsWithDelta(9, $one['finish_h'], 1e-9);
        self::assertCount(3, $critical($one));
        // Glue that hardens by itself while the fitter works on: begun first, it costs nothing.
        $glue = $plan(
            [['1', 1, [], ['fitter' => 1]], ['2', 8, ['1']], ['3', 6, [], ['fitter' => 1]], ['4', 1, ['2', '3'], ['fitter' => 1]]],
            ['fitter' => 1],
        );
        self::assertEqualsWithDelta(10, $glue['finish_h'], 1e-9);
        self::assertSame(['1', '2', '4'], $critical($glue));
        self::assertEqualsWithDelta(0, $plan([])['finish_h'], 1e-9);
        self::assertEqualsWithDelta(3, $plan([['a', 3, [], ['bay' => 2]], ['b', 3, [], ['bay' => 1]]], ['bay' => 3])['finish_h'], 1e-9);
    }

    /** Up to five tasks of whole hours against every combination of starts; larger plans against what no plan can beat. */
    public function testTheFinishIsTheLeastPossible(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 25; ++$round) {
            $resources = ['r' => mt_rand(1, 2), 's' => mt_rand(1, 2)];
            $tasks = [];
            for ($i = 0; $i < 5; ++$i) {
                $after = array_values(
                    array_map(
                        static fn(int $k): string => "t$k",
                        array_filter(range(0, max(0, $i - 1)), static fn(int $k): bool => $k < $i && mt_rand(0, 2) === 0),
                    ),
                );
                $tasks[] = [
                    'id' => "t$i", 'hours' => mt_rand(1, 3), 'after' => $after,
                    'uses' => array_filter(['r' => mt_rand(0, $resources['r']), 's' => mt_rand(0, $resources['s'])]),
                ];
            }
            $out = self::ask('schedule', ['tasks' => $tasks, 'resources' => $resources]);
            self::assertSame(
                self::leastFinish($tasks, $resources),
                (int) round($out['finish_h']),
                (string) json_encode([$tasks, $resources]),
            );
            self::stands($tasks, $resources, $out);
        }
        $many = array_map(
            static fn(int $i): array => [
                'id' => (string) $i, 'hours' => mt_rand(1, 8) / 2,
                'after' => $i > 3 && mt_rand(0, 1) === 0 ? [(string) mt_rand(0, $i - 1)] : [], 'uses' => ['fitter' => 1],
            ],
            range(0, 29),
        );
        $out = self::ask('schedule', ['tasks' => $many, 'resources' => ['fitter' => 2]]);
        self::stands($many, ['fitter' => 2], $out);
        $work = array_sum(array_column($many, 'hours')) / 2;
        self::assertGreaterThanOrEqual($work - 1e-9, $out['finish_h']);
        self::assertLessThan(1.15 * $work + 4, $out['finish_h']);
    }

    /**
     * @param list<array{id: string, hours: int|float, after: list<string>, uses: array<string, int>}> $tasks
     * @param array<string, int>   $resources
     * @param array<string, mixed> $out
     */
    private static function stands(array $tasks, array $resources, array $out): void
    {
        $at = array_column($out['tasks'], null, 'id');
        foreach ($tasks as $task) {
            self::assertEqualsWithDelta($task['hours'], $at[$task['id']]['end_h'] - $at[$task['id']]['start_h'], 1e-9);
            foreach ($task['after'] as $before) {
                self::assertGreaterThanOrEqual($at[$before]['end_h'] - 1e-9, $at[$task['id']]['start_h']);
            }
            foreach ($resources as $name => $count) {
                $busy = 0;
                foreach ($tasks as $other) {
                    $runs = $at[$other['id']]['start_h'] <= $at[$task['id']]['start_h'] + 1e-9
                        && $at[$other['id']]['end_h'] > $at[$task['id']]['start_h'] + 1e-9;
                    $busy += $runs ? $other['uses'][$name] ?? 0 : 0;
                }
                self::assertLessThanOrEqual($count, $busy);
            }
        }
        self::assertNotSame([], array_filter($out['tasks'], static fn(array $t): bool => $t['critical']));
        self::assertEqualsWithDelta($out['finish_h'], max(0.0, ...array_column($out['tasks'], 'end_h')), 1e-9);
        // Critical is what moves the finish when it starts a minute later and pushes what comes after it, the order on each resource kept.
        foreach ($tasks as $task) {
            $pushed = array_map(static fn(array $t): float => (float) $t['start_h'], $at);
            $pushed[$task['id']] += 1.0 / 60.0;
            for ($round = 0; $round < count($tasks); ++$round) {
                foreach ($tasks as $one) {
                    foreach ($tasks as $next) {
                        $shares = array_intersect_key(array_filter($one['uses'] ?? []), array_filter($next['uses'] ?? [])) !== [];
                        $comes = in_array($one['id'], $next['after'] ?? [], true)
                            || ($shares && $at[$next['id']]['start_h'] >= $at[$one['id']]['end_h'] - 1e-9);
                        if ($comes) {
                            $pushed[$next['id']] = max($pushed[$next['id']], $pushed[$one['id']] + $one['hours']);
                        }
                    }
                }
            }
            $finish = max(array_map(static fn(array $t): float => $pushed[$t['id']] + $t['hours'], $tasks));
            self::assertSame($finish > $out['finish_h'] + 1e-6, $at[$task['id']]['critical'], $task['id'] . json_encode([$tasks, $resources]));
        }
    }

    /**
     * Every combination of whole starts, hour by hour.
     *
     * @param list<array{id: string, hours: int, after: list<string>, uses: array<string, int>}> $tasks
     * @param array<string, int> $resources
     * @param array<string, int> $starts
     */
    private static function leastFinish(array $tasks, array $resources, array $starts = [], int $best = PHP_INT_MAX): int
    {
        $task = $tasks[count($starts)] ?? null;
        if ($task === null) {
            return (int) max(0, ...array_map(static fn(array $t): int => $starts[$t['id']] + $t['hours'], $tasks));
        }
        $horizon = min($best - 1, array_sum(array_column($tasks, 'hours'))) - $task['hours'];
        for ($start = 0; $start <= $horizon; ++$start) {
            foreach ($task['after'] as $before) {
                $i = (int) substr($before, 1);
                if ($start < $starts[$before] + $tasks[$i]['hours']) {
                    continue 2;
                }
            }
            for ($hour = $start; $hour < $start + $task['hours']; ++$hour) {
                foreach ($resources as $name => $count) {
                    $used = $task['uses'][$name] ?? 0;
                    foreach ($tasks as $other) {
                        $at = $starts[$other['id']] ?? null;
                        $used += $at !== null && $at <= $hour && $hour < $at + $other['hours'] ? $other['uses'][$name] ?? 0 : 0;
                    }
                    if ($used > $count) {
                        continue 3;
                    }
                }
            }
            $best = min($best, self::leastFinish($tasks, $resources, [...$starts, $task['id'] => $start], $best));
        }

        return $best;
    }

    /** Equalising ruins lithium and shortens sealed lead; flooded lead wants it. Two layers that touch are told in volts of this bank. */
    public function testHowHardALadderSaysIt(): void
    {
        $says = static function (string $chemistry, int $cells, array $settings): array {
            $out = self::ask('ladder', [
                'chemistry' => $chemistry, 'cells' => $cells, 'settings' => array_map(
                    static fn(array $s): array => ['device' => $s[0], 'parameter' => $s[1], 'value_v' => $s[2]],
                    $settings,
                ),
            ]);

            return array_map(static fn(Said $s): array => [$s->finding->rule, $s->finding->severity->value], $out['findings']);
        };
        self::assertSame([['equalise-on', 'stop']], $says('lfp', 4, [['charger', 'equalise_v', 14.4]]));
        foreach (['agm', 'gel', 'lead_carbon'] as $sealed) {
            self::assertSame([['equalise-on', 'fix']], $says($sealed, 6, [['charger', 'equalise_v', 14.2]]), $sealed);
        }
        self::assertSame([], $says('flooded', 6, [['charger', 'equalise_v', 15.0]]));
        self::assertSame([['charge-volts-too-high', 'stop']], $says('flooded', 6, [['charger', 'equalise_v', 16.3]]));
        self::assertSame([['never-acts', 'stop'], ['rungs-touch', 'fix']], $says('lfp', 4, [['inverter', 'cutoff_v', 10.0]]));
        self::assertSame([['float-above-absorption', 'fix']], $says('lfp', 4, [['charger', 'absorption_v', 14.0], ['charger', 'float_v', 14.1]]));
        // 0.1 V a 12 V bank: 0.2 V on eight cells of LFP.
        $touch = static fn(float $warns): array => $says('lfp', 8, [['inverter', 'warning_v', $warns], ['inverter', 'cutoff_v', 23.0]]);
        self::assertSame([[['rungs-touch', 'fix']], []], [$touch(23.19), $touch(23.2)]);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, list<string>}>
     */
    public static function ladders(): iterable
    {
        $on = static fn(array $settings, array $bms = [
            'high_v' => 14.6,
            'low_v' => 10.8,
        ], string $chemistry = 'lfp', int $cells = 4): array => [
            'chemistry' => $chemistry, 'cells' => $cells,
            'settings' => array_map(static fn(array $s): array => ['device' => $s[0], 'parameter' => $s[1], 'value_v' => $s[2]], $settings),
        ] + ($bms === [] ? [] : ['bms' => $bms]);
        $sound = [
            ['charger', 'absorption_v', 14.2], ['charger', 'float_v', 13.5], ['charger', 'rebulk_v', 13.2],
            ['inverter', 'warning_v', 12.0], ['inverter', 'cutoff_v', 11.6], ['inverter', 'restart_v', 12.8],
            ['disconnect', 'disconnect_v', 11.3], ['disconnect', 'reconnect_v', 12.6],
        ];
        yield 'a sound ladder' => [$on($sound), []];
        yield 'a cut-off below the BMS' => [$on([['inverter', 'cutoff_v', 10.5]]), ['never-acts', 'rungs-touch']];
        yield 'a charge limit at the BMS' => [$on([['bms relay', 'charge_limit_v', 14.6]]), ['never-acts', 'rungs-touch']];
        yield 'a warning beside the cut-off' => [$on([['monitor', 'warning_v', 11.65], ['inverter', 'cutoff_v', 11.6]]), ['rungs-touch']];
        yield 'exactly apart' => [$on([['monitor', 'warning_v', 11.7], ['inverter', 'cutoff_v', 11.6]]), []];
        yield 'the disconnect acts before the cut-off' => [
            $on([['inverter', 'cutoff_v', 11.0], ['disconnect', 'disconnect_v', 11.5]]),
            ['rungs-touch'],
        ];
        yield 'at 48 V four times as far' => [
            $on([['monitor', 'warning_v', 46.7], ['inverter', 'cutoff_v', 46.4]], ['high_v' => 58.4, 'low_v' => 43.2], 'lfp', 16),
            ['rungs-touch'],
        ];
        yield 'absorption against the cells' => [$on([['charger', 'absorption_v', 14.55]], []), ['rungs-touch']];
        yield 'absorption over the cells' => [$on([['charger', 'absorption_v', 14.8]]), ['charge-volts-too-high', 'rungs-touch']];
        yield 'the BMS is stricter than the cells' => [
            $on([['charger', 'absorption_v', 14.4], ['charger', 'float_v', 14.3]], ['high_v' => 14.2, 'low_v' => 10.8]),
            ['charge-volts-too-high', 'rungs-touch'],
        ];
        yield 'float over absorption' => [
            $on([['charger', 'absorption_v', 14.0], ['charger', 'float_v', 14.1]]),
            ['float-above-absorption'],
        ];
        yield 'float at absorption' => [$on([['charger', 'absorption_v', 14.0], ['charger', 'float_v', 14.0]]), []];
        yield 'float of another charger' => [$on([['one', 'absorption_v', 13.9], ['two', 'float_v', 14.0]]), []];
        yield 'equalising lithium' => [$on([['charger', 'equalise_v', 14.4]]), ['equalise-on']];
        yield 'equalising AGM' => [$on([['charger', 'equalise_v', 14.5]], [], 'agm', 6), ['equalise-on']];
        yield 'equalising flooded lead' => [$on([['charger', 'equalise_v', 15.5]], [], 'flooded', 6), []];
        yield 'more than flooded lead bears' => [$on([['charger', 'equalise_v', 16.5]], [], 'flooded', 6), ['charge-volts-too-high']];
        yield 'it comes back too early' => [$on([['d', 'disconnect_v', 11.5], ['d', 'reconnect_v', 11.2]]), ['reconnect-below-disconnect']];
        yield 're-bulk over float' => [
            $on([['c', 'absorption_v', 14.2], ['c', 'float_v', 13.4], ['c', 'rebulk_v', 13.6]]),
            ['rebulk-above-float'],
        ];
    }

    /**
     * @param array<string, mixed> $in
     * @param list<string>         $rules
     */
    #[DataProvider('ladders')]
    public function testALadderSaysWhereItsRungsGetInOneAnothersWay(array $in, array $rules): void
    {
        $out = self::ask('ladder', $in);
        self::assertSame($rules, self::rules($out));
        $volts = array_column($out['ladder'], 'value_v');
        $sorted = $volts;
        rsort($sorted);
        self::assertSame($sorted, $volts, 'highest first');
        self::assertCount(count($in['settings']) + 2, $out['ladder']);
    }
}
