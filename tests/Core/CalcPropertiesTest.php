<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Schema\SchemaCheck;
use Pebblefell\Calculation\Calculations;
use Pebblefell\Calculation\Said;
use Pebblefell\Exception\InvalidValue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Laws that every calculation keeps whatever it is asked, over seeded random questions: sums, symmetries, scale, order, and what is
 * refused. No value here was computed by the code under test.
 */
final class CalcPropertiesTest extends TestCase
{
    private const PANEL = [
        'pmax_w' => 200,
        'voc_v' => 24.6,
        'vmp_v' => 20.4,
        'isc_a' => 10.4,
        'imp_a' => 9.8,
        'voc_tempco_pct_per_c' => -0.28,
        'vmp_tempco_pct_per_c' => -0.36,
    ];

    protected function setUp(): void
    {
        mt_srand(20261126);
    }

    /**
     * @param array<string, mixed> $in
     *
     * @return array<string, mixed>
     *
     * @throws InvalidValue also for what the schema refuses
     */
    private static function ask(string $name, array $in): array
    {
        $calculation = Calculations::all()[$name];
        $value = json_decode((string) json_encode($in));
        $faults = SchemaCheck::faults($value, $calculation::schema());
        if ($faults !== []) {
            throw InvalidValue::at($faults[0]['path'], $faults[0]['message']);
        }

        return $calculation::run(json_decode((string) json_encode($value), true));
    }

    /**
     * @param array<string, mixed> $in
     */
    private static function fault(string $name, array $in): ?string
    {
        try {
            self::ask($name, $in);
        } catch (InvalidValue $e) {
            self::assertNotSame('', $e->getMessage());

            return $e->path;
        }

        return null;
    }

    /**
     * @param array<string, mixed> $answer
     *
     * @return list<string>
     */
    private static function rules(array $answer): array
    {
        return array_values(array_map(static fn(Said $s): string => $s->finding->rule, $answer['findings']));
    }

    private static function between(float $low, float $high): float
    {
        return $low + ($high - $low) * mt_rand() / mt_getrandmax();
    }

    /**
     * @return iterable<string, array{string, array<string, mixed>}> a whole question for each name, every optional key among them
     */
    public static function whole(): iterable
    {
        yield 'sun-day' => ['sun-day', ['latitude_deg' => 63, 'day_of_year' => 100]];
        $month = [
            'latitude_deg' => 63, 'month' => 5, 'tilt_deg' => 30, 'azimuth_deg' => 200, 'albedo' => 0.3,
            'shade' => [['from_h' => 8, 'to_h' => 10, 'factor' => 0.5]],
        ];
        yield 'sun-month' => ['sun-month', [...$month, 'sunshine_h' => 7]];
        yield 'sun-month by clearness' => ['sun-month', [...$month, 'clearness' => 0.5]];
        yield 'array-yield' => ['array-yield', [...$month, 'clearness' => 0.5, 'array_w' => 300, 'performance_ratio' => 0.7]];
        yield 'array-fit' => [
            'array-fit',
            [
                'panel' => self::PANEL,
                'series' => 2,
                'parallel' => 2,
                'min_cell_c' => -20,
                'max_cell_c' => 65,
                'regulator' => [
                    'kind' => 'mppt', 'max_pv_v' => 100, 'max_charge_a' => 40, 'max_pv_isc_a' => 40, 'start_above_battery_v' => 5,
                ],
                'absorption_v' => 14.2,
            ],
        ];
        yield 'peukert' => ['peukert', ['capacity_ah' => 100, 'rate_h' => 20, 'exponent' => 1.2, 'current_a' => 7]];
        yield 'inverter-draw' => [
            'inverter-draw',
            ['load_w' => 800, 'dc_v' => 12.8, 'efficiency_pct' => 90, 'idle_w' => 12, 'capacity_wh' => 2000],
        ];
        yield 'budget' => [
            'budget',
            [
                'system_v' => 12,
                'inverter' => ['efficiency_pct' => 90, 'idle_w' => 12, 'on' => 'always'],
                'loads' => [
                    [
                        'name' => 'a', 'watts' => 40, 'quantity' => 2, 'on' => [['from_h' => 18, 'to_h' => 23]], 'duty_pct' => 50,
                        'side' => 'ac', 'surge_w' => 90, 'standby_w' => 1,
                    ],
                ],
            ],
        ];
        yield 'bank-size' => [
            'bank-size',
            ['energy_wh_day' => 1500, 'days' => 3, 'usable_pct' => 80, 'min_temperature_factor' => 0.9, 'system_v' => 12],
        ];
        yield 'bank-share' => ['bank-share', self::bank([0.01, 0.012, 0.02], 100)];
        yield 'bank-layout' => ['bank-layout', ['count' => 3, 'layout' => 'posts', 'link_ohm' => 0.0002, 'lead_ohm' => 0.0005]];
        yield 'equalise' => [
            'equalise',
            [
                'batteries' => [
                    ['id' => 'a', 'capacity_ah' => 100, 'r_ohm' => 0.01, 'soc_pct' => 80],
                    ['id' => 'b', 'capacity_ah' => 90, 'r_ohm' => 0.01, 'soc_pct' => 60],
                ],
                'chemistry' => 'agm',
                'link_ohm' => 0.01,
                'until_a' => 1,
            ],
        ];
        yield 'charge-time' => [
            'charge-time',
            [
                'capacity_ah' => 200, 'from_soc_pct' => 20, 'bulk_to_soc_pct' => 90, 'current_a' => 40, 'efficiency_pct' => 95,
                'absorption_h' => 2, 'rest_h' => 1,
            ],
        ];
        yield 'refresh-charge' => ['refresh-charge', ['cells' => 6, 'c10_ah' => 100]];
        yield 'dcdc-fit' => [
            'dcdc-fit',
            [
                'alternator_a' => 120, 'charger_output_a' => 40, 'charger_efficiency_pct' => 90, 'input_v' => 13.5, 'output_v' => 14,
                'cable' => ['size_mm2' => 16, 'length_m' => 5], 'idle_output_pct' => 50, 'vehicle_load_a' => 30,
            ],
        ];
        yield 'shore' => [
            'shore',
            [
                'voltage_v' => 230, 'breaker_a' => 10, 'charger_output_a' => 50, 'charger_dc_v' => 14.2,
                'charger_efficiency_pct' => 90, 'passthrough_w' => 1000,
            ],
        ];
    }

    /**
     * Every leaf of a question, with the pointer to it.
     *
     * @param array<mixed> $tree
     *
     * @return array<string, mixed>
     */
    private static function leaves(array $tree, string $path = ''): array
    {
        $leaves = [];
        foreach ($tree as $key => $value) {
            $leaves += is_array($value) ? self::leaves($value, "$path/$key") : ["$path/$key" => $value];
        }

        return $leaves;
    }

    /**
     * @param array<mixed> $tree
     *
     * @return array<mixed>
     */
    private static function with(array $tree, string $path, mixed $value): array
    {
        $at = &$tree;
        foreach (explode('/', ltrim($path, '/')) as $step) {
            $at = &$at[$step];
        }
        $at = $value;

        return $tree;
    }

    /**
     * @param array<string, mixed> $in
     */
    #[DataProvider('whole')]
    public function testEveryLeafRefusesWhatItIsNot(string $name, array $in): void
    {
        self::assertNull(self::fault($name, $in));
        foreach (self::leaves($in) as $path => $value) {
            $wrong = is_string($value) ? [7, null, [], true] : ['7', null, [], true, 'x'];
            foreach ($wrong as $bad) {
                $fault = self::fault($name, self::with($in, $path, $bad));
                self::assertSame($path, $fault, "$path = " . json_encode($bad));
            }
        }
    }

    /**
     * @param array<string, mixed> $in
     */
    #[DataProvider('whole')]
    public function testAKeyLeftOutIsAskedForOrHasADefault(string $name, array $in): void
    {
        $schema = Calculations::all()[$name]::schema();
        foreach (array_keys($in) as $key) {
            $less = $in;
            unset($less[$key]);
            $fault = self::fault($name, $less);
            if (in_array($key, $schema['required'], true)) {
                self::assertSame("/$key", $fault);
            } elseif (!in_array($key, ['sunshine_h', 'clearness', 'inverter'], true)) {
                self::assertNull($fault, "$key may be left out");
            }
        }
        self::assertSame('/nonsense', self::fault($name, [...$in, 'nonsense' => 1]));
    }

    /**
     * The contract's defaults: left out or written, the answer is the same.
     */
    public function testDefaultsAreThoseOfTheContract(): void
    {
        $defaults = [
            'sun-month' => ['tilt_deg' => 0, 'azimuth_deg' => 180, 'albedo' => 0.2, 'shade' => []],
            'array-yield' => ['performance_ratio' => 0.75],
            'inverter-draw' => ['idle_w' => 0],
            'bank-size' => ['min_temperature_factor' => 1],
            'equalise' => ['until_a' => 1],
            'charge-time' => ['efficiency_pct' => 99, 'rest_h' => 0],
            'dcdc-fit' => ['charger_efficiency_pct' => 90, 'input_v' => 13.5, 'output_v' => 14.0, 'idle_output_pct' => 50],
        ];
        foreach (self::whole() as [$name, $in]) {
            foreach ($defaults[$name] ?? [] as $key => $default) {
                $less = $in;
                unset($less[$key]);
                self::assertEquals(self::ask($name, [...$in, $key => $default]), self::ask($name, $less), "$name: $key");
            }
        }
        $fit = iterator_to_array(self::whole())['array-fit'][1];
        $less = $fit;
        unset($less['regulator']['start_above_battery_v']);
        self::assertEquals(self::ask('array-fit', $fit), self::ask('array-fit', $less));
        $load = ['name' => 'a', 'watts' => 40, 'on' => [['from_h' => 18, 'to_h' => 23]], 'side' => 'dc'];
        self::assertEquals(
            self::ask('budget', ['system_v' => 12, 'loads' => [[...$load, 'quantity' => 1, 'duty_pct' => 100, 'standby_w' => 0]]]),
            self::ask('budget', ['system_v' => 12, 'loads' => [$load]]),
        );
    }

    /**
     * Batteries beside one another, joined from each to the next, taken off at the first.
     *
     * @param list<float> $ohms
     *
     * @return array<string, mixed>
     */
    private static function bank(array $ohms, float $amps): array
    {
        $batteries = $links = [];
        foreach ($ohms as $i => $ohm) {
            $batteries[] = ['id' => "B$i", 'ocv_v' => 13.2, 'r_ohm' => $ohm, 'discharge_limit_a' => 100, 'charge_limit_a' => 50];
            if ($i > 0) {
                foreach (['+', '-'] as $pole) {
                    $links[] = ['from' => 'B' . ($i - 1) . $pole, 'to' => "B$i$pole", 'ohm' => 0.0004];
                }
            }
        }

        return [
            'batteries' => $batteries, 'links' => $links, 'takeoff' => ['positive' => 'B0+', 'negative' => 'B0-'],
            'current_a' => $amps,
        ];
    }

    public function testABankSharesTheWholeCurrentWhateverItsShape(): void
    {
        for ($round = 0; $round < 40; ++$round) {
            $ohms = array_map(static fn(): float => self::between(0.003, 0.03), range(1, mt_rand(2, 8)));
            $amps = self::between(-150, 300);
            $in = self::bank($ohms, $amps);
            foreach ($in['batteries'] as &$b) {
                $b['ocv_v'] = self::between(13.1, 13.3);
            }
            unset($b);
            $out = self::ask('bank-share', $in);
            self::assertEqualsWithDelta($amps, array_sum(array_column($out['batteries'], 'current_a')), 1e-6);
            // Linear: what a load adds does not hang on the volts at rest.
            $more = self::ask('bank-share', [...$in, 'current_a' => $amps + 10]);
            $still = self::ask('bank-share', [...self::bank($ohms, 10.0)]);
            foreach ($out['batteries'] as $i => $b) {
                self::assertEqualsWithDelta(
                    $still['batteries'][$i]['current_a'],
                    $more['batteries'][$i]['current_a'] - $b['current_a'],
                    1e-6,
                );
            }
            // The order in which batteries and links are told does not matter.
            $other = $in;
            shuffle($other['batteries']);
            shuffle($other['links']);
            $again = array_column(self::ask('bank-share', $other)['batteries'], 'current_a', 'id');
            foreach ($out['batteries'] as $b) {
                self::assertEqualsWithDelta($b['current_a'], $again[$b['id']], 1e-6);
            }
        }
    }

    public function testTheFirstLimitIsReachedExactlyAtTheCurrentThatIsNamed(): void
    {
        for ($round = 0; $round < 25; ++$round) {
            $in = self::bank(array_map(static fn(): float => self::between(0.004, 0.02), range(1, mt_rand(2, 6))), 50.0);
            $out = self::ask('bank-share', $in);
            foreach ([['max_discharge_a', 1.0, 100.0], ['max_charge_a', -1.0, 50.0]] as [$key, $sign, $limit]) {
                $at = self::ask('bank-share', [...$in, 'current_a' => $sign * $out[$key]]);
                $largest = max(-INF, ...array_map(static fn(array $b): float => $sign * $b['current_a'], $at['batteries']));
                self::assertEqualsWithDelta($limit, $largest, 1e-6, $key);
            }
            $limiting = self::ask('bank-share', [...$in, 'current_a' => $out['max_discharge_a']]);
            $first = array_reduce(
                $limiting['batteries'],
                static fn(?array $a, array $b): array => $a === null || $b['current_a'] > $a['current_a'] ? $b : $a,
            );
            self::assertSame($first['id'] ?? '', $out['limited_by']);
        }
        $in = self::bank([0.01, 0.01], 10);
        foreach ($in['batteries'] as &$b) {
            unset($b['discharge_limit_a'], $b['charge_limit_a']);
        }
        $none = self::ask('bank-share', $in);
        self::assertSame([null, null, null], [$none['max_discharge_a'], $none['max_charge_a'], $none['limited_by']]);
    }

    public function testLayoutsShareAsTheTradeSaysTheyDo(): void
    {
        // Common practice, and nodal analysis of like batteries: posts share evenly; across is better than in the middle of one side, and
        // that than one end.
        foreach (range(2, 8) as $count) {
            $spread = ['same_end' => NAN, 'middle' => NAN, 'across' => NAN, 'posts' => NAN];
            foreach (['same_end', 'middle', 'across', 'posts'] as $layout) {
                $drawn = self::ask('bank-layout', ['count' => $count, 'layout' => $layout, 'link_ohm' => 0.0002, 'lead_ohm' => 0.0005]);
                $ids = array_map(static fn(int $i): string => chr(65 + $i), range(0, $count - 1));
                $share = self::ask(
                    'bank-share',
                    [
                        'batteries' => array_map(static fn(string $id): array => ['id' => $id, 'ocv_v' => 13.2, 'r_ohm' => 0.004], $ids),
                        'links' => $drawn['links'], 'takeoff' => $drawn['takeoff'], 'current_a' => 100,
                    ],
                );
                $spread[$layout] = $share['spread_pct'];
                // A mirror: across, the first carries what the last does.
                if ($layout === 'across') {
                    self::assertEqualsWithDelta($share['batteries'][0]['current_a'], $share['batteries'][$count - 1]['current_a'], 1e-6);
                }
            }
            self::assertEqualsWithDelta(0.0, $spread['posts'], 1e-6);
            self::assertLessThanOrEqual($spread['same_end'] + 1e-9, $spread['middle']);
            self::assertLessThanOrEqual($spread['same_end'] + 1e-9, $spread['across']);
            if ($count > 2) {
                self::assertGreaterThan(1.0, $spread['same_end']);
            }
        }
    }

    public function testEqualisingKeepsTheChargeAndEndsBetweenTheTwo(): void
    {
        for ($round = 0; $round < 15; ++$round) {
            $batteries = array_map(
                static fn(int $i): array => [
                    'id' => "b$i", 'capacity_ah' => self::between(60, 200), 'r_ohm' => self::between(0.004, 0.03),
                    'soc_pct' => self::between(40, 95),
                ],
                range(1, mt_rand(2, 4)),
            );
            $out = self::ask(
                'equalise',
                ['batteries' => $batteries, 'chemistry' => ['agm', 'gel', 'flooded'][$round % 3], 'link_ohm' => 0.01, 'until_a' => 0.5],
            );
            self::assertEqualsWithDelta(0.0, array_sum(array_column($out['initial'], 'current_a')), 1e-6);
            $charge = static fn(array $rows): float => array_sum(
                array_map(static fn(array $b, array $r): float => $b['capacity_ah'] * $r['soc_pct'] / 100, $batteries, $rows),
            );
            self::assertEqualsWithDelta($charge($batteries), $charge($out['final']), 0.005 * $charge($batteries));
            $given = 0.0;
            foreach ($batteries as $i => $b) {
                $given += max(0.0, ($b['soc_pct'] - $out['final'][$i]['soc_pct']) / 100 * $b['capacity_ah']);
            }
            // One of several may first give and then take: what moved is then more than what is missing in the end.
            self::assertGreaterThanOrEqual(0.98 * $given - 0.05, $out['moved_ah']);
            if (count($batteries) === 2) {
                self::assertEqualsWithDelta($given, $out['moved_ah'], 0.02 * $given + 0.05);
            }
            $soc = array_column($out['final'], 'soc_pct');
            self::assertLessThanOrEqual(max(0.0, ...array_column($batteries, 'soc_pct')) + 1e-6, max(0.0, ...$soc));
            self::assertGreaterThanOrEqual(min(100.0, ...array_column($batteries, 'soc_pct')) - 1e-6, min(100.0, ...$soc));
        }
        $alike = self::ask(
            'equalise',
            [
                'batteries' => [
                    ['id' => 'a', 'capacity_ah' => 100, 'r_ohm' => 0.01, 'soc_pct' => 70],
                    ['id' => 'b', 'capacity_ah' => 50, 'r_ohm' => 0.02, 'soc_pct' => 70],
                ],
                'chemistry' => 'agm',
                'link_ohm' => 0.01,
            ],
        );
        self::assertSame([0.0, 0.0], [(float) $alike['hours'], (float) $alike['moved_ah']]);
    }

    public function testBudgetsAddUp(): void
    {
        $load = static fn(): array => [
            'name' => 'x', 'watts' => self::between(1, 400), 'quantity' => mt_rand(1, 3), 'duty_pct' => self::between(5, 100),
            'standby_w' => self::between(0, 3), 'on' => [['from_h' => self::between(0, 23), 'to_h' => self::between(0, 23)]],
            'side' => 'dc',
        ];
        for ($round = 0; $round < 30; ++$round) {
            [$a, $b] = [[$load(), $load()], [$load()]];
            $of = static fn(array $loads): array => self::ask('budget', ['system_v' => 12, 'loads' => $loads]);
            $both = $of([...$a, ...$b]);
            self::assertEqualsWithDelta($of($a)['energy_wh_day'] + $of($b)['energy_wh_day'], $both['energy_wh_day'], 1e-6);
            self::assertEqualsWithDelta($both['energy_wh_day'] / 12, $both['energy_ah_day'], 1e-6);
            self::assertEqualsWithDelta($both['peak_w'] / 12, $both['peak_a'], 1e-6);
            self::assertLessThanOrEqual($of($a)['peak_w'] + $of($b)['peak_w'] + 1e-6, $both['peak_w']);
            self::assertGreaterThanOrEqual(max($of($a)['peak_w'], $of($b)['peak_w']) - 1e-6, $both['peak_w']);
            // The same day an hour later costs the same.
            $later = array_map(static function (array $l): array {
                foreach ($l['on'] as &$span) {
                    $span = ['from_h' => fmod($span['from_h'] + 1, 24), 'to_h' => fmod($span['to_h'] + 1, 24)];
                }

                return $l;
            }, [...$a, ...$b]);
            self::assertEqualsWithDelta($both['energy_wh_day'], $of($later)['energy_wh_day'], 1e-6);
        }
    }

    public function testTheInverterCostsWhatItIsTold(): void
    {
        $in = static fn(string $on): array => [
            'system_v' => 12, 'inverter' => ['efficiency_pct' => 80, 'idle_w' => 10, 'on' => $on],
            'loads' => [['name' => 'x', 'watts' => 400, 'side' => 'ac', 'on' => [['from_h' => 6, 'to_h' => 8]]]],
        ];
        // 400 W ÷ 0.8 for two hours, and 10 W for two or twenty-four.
        self::assertEqualsWithDelta(1000 + 20, self::ask('budget', $in('with_loads'))['energy_wh_day'], 1e-6);
        self::assertEqualsWithDelta(1000 + 240, self::ask('budget', $in('always'))['energy_wh_day'], 1e-6);
        for ($round = 0; $round < 20; ++$round) {
            $ask = [
                'load_w' => self::between(0, 3000), 'dc_v' => self::between(11, 58), 'efficiency_pct' => self::between(60, 99),
                'idle_w' => self::between(0, 40), 'capacity_wh' => self::between(100, 9000),
            ];
            $out = self::ask('inverter-draw', $ask);
            self::assertEqualsWithDelta($ask['load_w'] / $ask['efficiency_pct'] * 100 + $ask['idle_w'], $out['dc_w'], 1e-6);
            self::assertEqualsWithDelta($out['dc_w'], $out['dc_a'] * $ask['dc_v'], 1e-6);
            self::assertEqualsWithDelta($ask['capacity_wh'], $out['runtime_h'] * $out['dc_w'], 1e-6);
        }
    }

    public function testPeukertsLawHoldsAtItsEndsAndBetween(): void
    {
        for ($round = 0; $round < 30; ++$round) {
            [$c, $h, $k] = [self::between(20, 500), [5, 10, 20, 100][mt_rand(0, 3)], self::between(1, 1.5)];
            $ask = static fn(float $amps): array => self::ask(
                'peukert',
                ['capacity_ah' => $c, 'rate_h' => $h, 'exponent' => $k, 'current_a' => $amps],
            );
            self::assertEqualsWithDelta($h, $ask($c / $h)['hours'], 1e-6, 'at its own rate it lasts its own hours');
            $amps = self::between(0.5, 200);
            // W. Peukert 1897: I^k · t is constant.
            self::assertEqualsWithDelta(1.0, ($ask($amps)['hours'] * $amps ** $k) / ($ask(2 * $amps)['hours'] * (2 * $amps) ** $k), 1e-6);
            self::assertEqualsWithDelta($ask($amps)['hours'] * $amps, $ask($amps)['available_ah'], 1e-6);
        }
    }

    public function testSizesAndTimesScale(): void
    {
        for ($round = 0; $round < 20; ++$round) {
            $size = [
                'energy_wh_day' => self::between(100, 9000), 'days' => self::between(1, 9), 'usable_pct' => self::between(30, 100),
                'min_temperature_factor' => self::between(0.5, 1), 'system_v' => [12, 24, 48][mt_rand(0, 2)],
            ];
            $out = self::ask('bank-size', $size);
            self::assertEqualsWithDelta(
                $size['energy_wh_day'] * $size['days'],
                $out['capacity_wh'] * $size['usable_pct'] / 100 * $size['min_temperature_factor'],
                1e-6,
            );
            self::assertEqualsWithDelta($out['capacity_wh'], $out['capacity_ah'] * $size['system_v'], 1e-6);
            $time = [
                'capacity_ah' => self::between(50, 600), 'from_soc_pct' => self::between(0, 50),
                'bulk_to_soc_pct' => self::between(60, 100), 'current_a' => self::between(5, 100),
                'efficiency_pct' => self::between(80, 100), 'absorption_h' => self::between(0, 6), 'rest_h' => self::between(0, 12),
            ];
            $hours = self::ask('charge-time', $time);
            self::assertEqualsWithDelta(
                $time['capacity_ah'] * ($time['bulk_to_soc_pct'] - $time['from_soc_pct']) / 100,
                $hours['bulk_h'] * $time['current_a'] * $time['efficiency_pct'] / 100,
                1e-6,
            );
            self::assertEqualsWithDelta($hours['bulk_h'] + $time['absorption_h'] + $time['rest_h'], $hours['total_h'], 1e-6);
        }
    }

    public function testTheSunIsTheSameNorthAndSouthHalfAYearApart(): void
    {
        for ($round = 0; $round < 40; ++$round) {
            [$latitude, $day] = [self::between(-89, 89), mt_rand(1, 365)];
            $out = self::ask('sun-day', ['latitude_deg' => $latitude, 'day_of_year' => $day]);
            $mirror = self::ask('sun-day', ['latitude_deg' => -$latitude, 'day_of_year' => $day]);
            self::assertEqualsWithDelta(24.0, $out['day_length_h'] + $mirror['day_length_h'], 1e-6, 'day here is night there');
            self::assertEqualsWithDelta($out['declination_deg'], $mirror['declination_deg'], 1e-9);
            self::assertGreaterThanOrEqual(0.0, $out['extraterrestrial_mj_m2']);
            self::assertLessThanOrEqual(23.5, abs($out['declination_deg']));
        }
        self::assertEqualsWithDelta(12.0, self::ask('sun-day', ['latitude_deg' => 0, 'day_of_year' => 200])['day_length_h'], 1e-6);
    }

    public function testPanelsAndShade(): void
    {
        for ($round = 0; $round < 20; ++$round) {
            $in = ['latitude_deg' => self::between(-60, 68), 'month' => mt_rand(1, 12), 'clearness' => self::between(0.2, 0.7)];
            $flat = self::ask('sun-month', $in);
            self::assertEqualsWithDelta($flat['global_horizontal_kwh_m2'], $flat['plane_kwh_m2'], 1e-6 + 0.002 * $flat['plane_kwh_m2']);
            $tilt = ['tilt_deg' => self::between(5, 60)];
            [$east, $west] = [
                self::ask('sun-month', [...$in, ...$tilt, 'azimuth_deg' => 90]),
                self::ask('sun-month', [...$in, ...$tilt, 'azimuth_deg' => 270]),
            ];
            self::assertEqualsWithDelta($east['plane_kwh_m2'], $west['plane_kwh_m2'], 0.002 + 0.005 * $east['plane_kwh_m2']);
            $halves = static fn(float $from, float $to, float $factor): float => self::ask(
                'sun-month',
                [...$in, 'shade' => [['from_h' => $from, 'to_h' => $to, 'factor' => $factor]]],
            )['plane_kwh_m2'];
            // What two half days take away is what the whole day takes.
            $lost = $flat['plane_kwh_m2'] - $halves(0, 12, 0.5) + $flat['plane_kwh_m2'] - $halves(12, 24, 0.5);
            self::assertEqualsWithDelta($flat['plane_kwh_m2'] / 2, $lost, 0.005 + 0.01 * $flat['plane_kwh_m2']);
            $yield = static fn(float $watts, float $ratio): float => self::ask(
                'array-yield',
                [...$in, 'array_w' => $watts, 'performance_ratio' => $ratio],
            )['energy_wh'];
            self::assertEqualsWithDelta(2 * $yield(100, 0.75), $yield(200, 0.75), 1e-6);
            self::assertEqualsWithDelta($flat['plane_kwh_m2'] * 100 * 0.8, $yield(100, 0.8), 1e-6 + 0.001 * $yield(100, 0.8));
        }
    }

    public function testAnArrayFitsUntilItDoesNot(): void
    {
        for ($round = 0; $round < 30; ++$round) {
            $cold = self::between(-40, 0);
            $in = [
                'panel' => self::PANEL, 'series' => mt_rand(1, 4), 'parallel' => mt_rand(1, 3), 'min_cell_c' => $cold,
                'max_cell_c' => 60, 'regulator' => ['kind' => 'mppt', 'max_pv_v' => 150, 'max_charge_a' => 60], 'absorption_v' => 14.2,
            ];
            $out = self::ask('array-fit', $in);
            // First principles: volts add in series, amps in parallel, and both follow the published coefficient.
            self::assertEqualsWithDelta($in['series'] * 24.6 * (1 - 0.0028 * ($cold - 25)), $out['voc_cold_v'], 1e-6);
            self::assertEqualsWithDelta($in['series'] * 20.4 * (1 - 0.0036 * 35), $out['vmp_hot_v'], 1e-6);
            self::assertEqualsWithDelta($in['parallel'] * 10.4, $out['isc_a'], 1e-6);
            self::assertEqualsWithDelta($in['series'] * $in['parallel'] * 200 / 14.2, $out['charge_a_unclipped'], 1e-6);
            self::assertEqualsWithDelta(min(60, $out['charge_a_unclipped']), $out['charge_a'], 1e-6);
            // At the very volts of the input it fits, a hair below it does not.
            $limit = static fn(float $volts): array => self::ask(
                'array-fit',
                [...$in, 'regulator' => [...$in['regulator'], 'max_pv_v' => $volts]],
            );
            self::assertNotContains('array-volts-too-high', self::rules($limit($out['voc_cold_v'] + 0.01)));
            self::assertContains('array-volts-too-high', self::rules($limit($out['voc_cold_v'] - 0.01)));
            self::assertFalse($limit($out['voc_cold_v'] - 0.01)['fits']);
            $amps = static fn(float $most): array => self::ask(
                'array-fit',
                [...$in, 'regulator' => [...$in['regulator'], 'max_pv_isc_a' => $most]],
            );
            self::assertContains('array-current-too-high', self::rules($amps($out['isc_a'] - 0.01)));
            self::assertNotContains('array-current-too-high', self::rules($amps($out['isc_a'] + 0.01)));
        }
    }

    public function testAChargerOnTheRoadTakesWhatItGives(): void
    {
        for ($round = 0; $round < 30; ++$round) {
            $in = [
                'alternator_a' => self::between(50, 200), 'charger_output_a' => self::between(10, 60),
                'charger_efficiency_pct' => self::between(80, 97), 'input_v' => self::between(12.5, 14.4),
                'output_v' => self::between(13.2, 14.6), 'cable' => ['size_mm2' => 25, 'length_m' => self::between(1, 12)],
                'idle_output_pct' => 50, 'vehicle_load_a' => self::between(10, 40),
            ];
            $out = self::ask('dcdc-fit', $in);
            self::assertEqualsWithDelta(
                $in['charger_output_a'] * $in['output_v'],
                $out['input_a'] * $in['input_v'] * $in['charger_efficiency_pct'] / 100,
                1e-6,
            );
            self::assertEqualsWithDelta($out['input_a'] / $in['alternator_a'] * 100, $out['share_of_alternator_pct'], 1e-6);
            // IEC 60228 class 5 (from memory): 25 mm² 0.780 Ω/km, out and back.
            self::assertEqualsWithDelta(
                $out['input_a'] * 2 * $in['cable']['length_m'] * 0.780 / 1000,
                $out['drop_v'],
                0.001 * $out['drop_v'],
            );
            self::assertSame($out['input_a'] + $in['vehicle_load_a'] <= $in['alternator_a'] / 2, $out['may_charge_at_idle']);
            // What is recommended is not spoken against.
            if ($out['recommended_output_a'] > 0) {
                $dialled = self::ask('dcdc-fit', [...$in, 'charger_output_a' => $out['recommended_output_a']]);
                self::assertSame([], array_intersect(['dcdc-overloads-alternator', 'dcdc-wears-alternator'], self::rules($dialled)));
            }
        }
    }

    public function testAPostGivesWhatItsBreakerAllows(): void
    {
        for ($round = 0; $round < 30; ++$round) {
            $in = [
                'voltage_v' => [120, 230][mt_rand(0, 1)], 'breaker_a' => [6, 10, 16, 30][mt_rand(0, 3)],
                'charger_output_a' => self::between(5, 120), 'charger_dc_v' => self::between(13, 15),
                'charger_efficiency_pct' => self::between(75, 97), 'passthrough_w' => self::between(0, 3000),
            ];
            $out = self::ask('shore', $in);
            self::assertEqualsWithDelta(
                $in['charger_output_a'] * $in['charger_dc_v'],
                $out['charger_ac_a'] * $in['voltage_v'] * $in['charger_efficiency_pct'] / 100,
                1e-6,
            );
            self::assertEqualsWithDelta($out['charger_ac_a'] + $in['passthrough_w'] / $in['voltage_v'], $out['total_ac_a'], 1e-6);
            self::assertEqualsWithDelta($in['breaker_a'] - $out['total_ac_a'], $out['headroom_a'], 1e-6);
            self::assertSame($out['headroom_a'] < 0, in_array('hook-up-overloaded', self::rules($out), true));
            if ($out['max_charger_output_a'] > 0) {
                $most = self::ask('shore', [...$in, 'charger_output_a' => $out['max_charger_output_a']]);
                self::assertGreaterThanOrEqual(-1e-9, $most['headroom_a']);
            }
        }
    }

    public function testARefreshChargeFollowsTheCells(): void
    {
        foreach ([6, 12, 24] as $cells) {
            $out = self::ask('refresh-charge', ['cells' => $cells, 'c10_ah' => 100]);
            // Common practice, no source: 2.35 V a cell, twice the ten-hour current, sixteen hours.
            self::assertEqualsWithDelta([2.35 * $cells, 20.0, 16.0], [$out['voltage_v'], $out['min_current_a'], $out['hours']], 1e-9);
        }
    }

    public function testATripEndsSoonerWithMoreLoadAndLaterWithMoreOfAnythingElse(): void
    {
        $in = static fn(float $watts = 40, float $ah = 100, float $array = 0, float $clear = 0.5): array => [
            'bank' => ['chemistry' => 'lfp', 'capacity_ah' => $ah, 'system_v' => 12],
            'loads' => [['name' => 'x', 'watts' => $watts, 'side' => 'dc', 'on' => [['from_h' => 0, 'to_h' => 24]]]],
            'sources' => $array > 0 ? ['arrays' => [['watts' => $array]]] : ['arrays' => []],
            'site' => ['from_day' => 80, 'latitude_deg' => 63, 'clearness' => [$clear], 'min_c' => [15]], 'days' => 12,
        ];
        $hours = static fn(array $ask): float => self::ask('trip', $ask)['empty_at_h'] ?? INF;
        $base = $hours($in());
        self::assertGreaterThan($hours($in(watts: 60)), $base);
        self::assertGreaterThan($base, $hours($in(ah: 150)));
        self::assertGreaterThanOrEqual($base, $hours($in(array: 100)));
        self::assertGreaterThanOrEqual($hours($in(array: 100)), $hours($in(array: 200)));
        self::assertGreaterThanOrEqual($hours($in(array: 100, clear: 0.3)), $hours($in(array: 100, clear: 0.6)));
        $out = self::ask('trip', $in(array: 200));
        self::assertEqualsWithDelta(40 * 24 * 12, $out['served_wh'] + $out['unserved_wh'], 0.01);
        foreach ($out['soc_pct'] as $soc) {
            self::assertTrue($soc >= -1e-6 && $soc <= 100 + 1e-6);
        }
    }
}
