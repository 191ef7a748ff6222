<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** `./pebblefell calc`: names, keys and exit codes are a contract. */
final class CalcContractTest extends TestCase
{
    /**
     * @return array{int, string, string} exit code, standard output, standard error
     */
    private function calc(string $name, string $input, string ...$more): array
    {
        $process = new Process(
            [dirname(__DIR__, 2) . '/pebblefell', 'calc', ...array_filter([$name, ...$more])],
            null,
            null,
            $input,
        );
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
    }

    /**
     * @return iterable<string, array{string, array<string, mixed>, array<string, float>}> name, in, some of out
     */
    public static function good(): iterable
    {
        yield 'sun-day' => [
            'sun-day',
            ['latitude_deg' => -20, 'day_of_year' => 246],
            ['extraterrestrial_mj_m2' => 32.2, 'declination_deg' => 6.87, 'day_length_h' => 11.67],
        ];
        yield 'sun-month' => [
            'sun-month',
            ['latitude_deg' => -22.9, 'month' => 5, 'sunshine_h' => 7.1],
            ['global_horizontal_kwh_m2' => 4.02, 'plane_kwh_m2' => 4.02],
        ];
        yield 'array-yield' => [
            'array-yield',
            ['latitude_deg' => -22.9, 'month' => 5, 'sunshine_h' => 7.1, 'array_w' => 400],
            ['energy_wh' => 1205.0],
        ];
        yield 'peukert' => [
            'peukert',
            ['capacity_ah' => 100, 'rate_h' => 20, 'exponent' => 1.2, 'current_a' => 10],
            ['hours' => 8.71, 'available_ah' => 87.1],
        ];
        yield 'inverter-draw' => [
            'inverter-draw',
            ['load_w' => 900, 'dc_v' => 12, 'efficiency_pct' => 90, 'idle_w' => 20, 'capacity_wh' => 5100],
            ['dc_w' => 1020.0, 'dc_a' => 85.0, 'runtime_h' => 5.0],
        ];
        yield 'bank-size' => [
            'bank-size',
            ['energy_wh_day' => 1200, 'days' => 3, 'usable_pct' => 50, 'system_v' => 12],
            ['capacity_wh' => 7200.0, 'capacity_ah' => 600.0],
        ];
        yield 'charge-time' => [
            'charge-time',
            ['capacity_ah' => 230, 'from_soc_pct' => 10, 'bulk_to_soc_pct' => 95, 'current_a' => 30, 'absorption_h' => 2],
            ['bulk_h' => 6.58, 'total_h' => 8.58],
        ];
        $panel = [
            'pmax_w' => 400, 'voc_v' => 37.2, 'vmp_v' => 31.0, 'isc_a' => 13.7, 'imp_a' => 12.9, 'voc_tempco_pct_per_c' => -0.28,
            'vmp_tempco_pct_per_c' => -0.36,
        ];
        yield 'array-fit' => [
            'array-fit',
            [
                'panel' => $panel, 'series' => 2, 'parallel' => 1, 'min_cell_c' => -25, 'max_cell_c' => 70,
                'regulator' => ['kind' => 'mppt', 'max_pv_v' => 100, 'max_charge_a' => 50], 'absorption_v' => 14.2,
            ],
            ['voc_cold_v' => 84.8, 'vmp_hot_v' => 51.96, 'isc_a' => 13.7, 'charge_a_unclipped' => 56.3, 'charge_a' => 50.0, 'fits' => 1.0],
        ];
        yield 'dcdc-fit' => [
            'dcdc-fit',
            ['alternator_a' => 120, 'charger_output_a' => 50, 'cable' => ['size_mm2' => 16, 'length_m' => 6], 'vehicle_load_a' => 30],
            [
                'input_a' => 57.6, 'drop_v' => 0.837, 'share_of_alternator_pct' => 48.0, 'may_charge_at_idle' => 0.0,
                'recommended_output_a' => 30.0,
            ],
        ];
        yield 'shore' => [
            'shore',
            [
                'voltage_v' => 230, 'breaker_a' => 16, 'charger_output_a' => 60, 'charger_dc_v' => 14.4,
                'charger_efficiency_pct' => 90, 'passthrough_w' => 2000,
            ],
            ['charger_ac_a' => 4.174, 'total_ac_a' => 12.87, 'headroom_a' => 3.13, 'max_charger_output_a' => 105.0],
        ];
        // Nothing shines at 80° N in December: 100 Ah at 5 h are 104 at 20 h, 95 % of them at about 13 V.
        yield 'trip' => [
            'trip',
            [
                'bank' => ['chemistry' => 'lfp', 'capacity_ah' => 100, 'system_v' => 12],
                'loads' => [['name' => 'x', 'watts' => 60, 'side' => 'dc', 'on' => [['from_h' => 0, 'to_h' => 24]]]],
                'sources' => ['arrays' => [['watts' => 500]]],
                'site' => ['from_day' => 350, 'latitude_deg' => 80, 'clearness' => [0.5], 'min_c' => [20]], 'days' => 1,
            ],
            ['served_wh' => 1279.0, 'curtailed_wh' => 0.0, 'days_served' => 0.0, 'empty_at_h' => 21.3],
        ];
        yield 'bank-share' => [
            'bank-share',
            [
                'batteries' => [
                    ['id' => 'A', 'ocv_v' => 13.2, 'r_ohm' => 0.01, 'discharge_limit_a' => 60],
                    ['id' => 'B', 'ocv_v' => 13.2, 'r_ohm' => 0.01, 'discharge_limit_a' => 60],
                ],
                'links' => [['from' => 'A+', 'to' => 'B+', 'ohm' => 0.002], ['from' => 'A-', 'to' => 'B-', 'ohm' => 0.002]],
                'takeoff' => ['positive' => 'A+', 'negative' => 'A-'],
                'current_a' => 100,
            ],
            // 0.010 beside 0.014 Ω: 58.3 and 41.7 A.
            ['bank_v' => 12.617, 'spread_pct' => 33.33, 'max_discharge_a' => 102.86],
        ];
        yield 'equalise' => [
            'equalise',
            [
                'batteries' => [
                    ['id' => 'a', 'capacity_ah' => 100, 'r_ohm' => 0.02, 'soc_pct' => 90],
                    ['id' => 'b', 'capacity_ah' => 100, 'r_ohm' => 0.02, 'soc_pct' => 60],
                ],
                'chemistry' => 'agm',
                'link_ohm' => 0.005,
                'until_a' => 0.5,
            ],
            ['hours' => 4.62, 'moved_ah' => 14.2],
        ];
        yield 'refresh-charge' => [
            'refresh-charge', ['cells' => 12, 'c10_ah' => 184.2], ['voltage_v' => 28.2, 'min_current_a' => 36.84, 'hours' => 16.0],
        ];
        yield 'budget' => ['budget', ['system_v' => 12, 'inverter' => [
            'efficiency_pct' => 90, 'idle_w' => 10, 'on' => 'with_loads',
        ], 'loads' => [
            ['name' => 'fridge', 'watts' => 45, 'duty_pct' => 40, 'on' => [['from_h' => 0, 'to_h' => 24]], 'side' => 'dc'],
            ['name' => 'kettle', 'watts' => 1000, 'surge_w' => 1100, 'on' => [['from_h' => 23.5, 'to_h' => 0.5]], 'side' => 'ac'],
        ]], [
            'energy_wh_day' => 1553.1, 'energy_ah_day' => 129.4, 'peak_w' => 1166.1, 'peak_a' => 97.2, 'ac_peak_w' => 1000.0,
            'surge_w' => 1100.0,
        ]];
    }

    /**
     * @param array<string, mixed> $in
     * @param array<string, float> $out
     */
    #[DataProvider('good')]
    public function testAnswersWithTheContractsKeys(string $name, array $in, array $out): void
    {
        [$code, $answer, $error] = $this->calc($name, (string) json_encode($in));
        self::assertSame([0, ''], [$code, $error]);
        $decoded = json_decode($answer, true);
        foreach ($out as $key => $value) {
            self::assertEqualsWithDelta($value, $decoded[$key] ?? null, abs($value) * 0.005, $key);
        }
    }

    /**
     * @return iterable<string, array{string, string, string}> name, input, path of the fault
     */
    public static function bad(): iterable
    {
        yield 'not JSON' => ['peukert', '{', ''];
        yield 'not an object' => ['peukert', '[1]', ''];
        yield 'missing key' => ['peukert', '{"capacity_ah":100,"rate_h":20,"exponent":1.2}', '/current_a'];
        yield 'out of bounds' => ['sun-day', '{"latitude_deg":-91,"day_of_year":1}', '/latitude_deg'];
        yield 'wrong type deep inside' => [
            'budget',
            '{"system_v":12,"loads":[{"name":"a","watts":1,"side":"dc","on":[]},{"name":"b","watts":"x","side":"dc","on":[]}]}',
            '/loads/1/watts',
        ];
        yield 'no inverter' => [
            'budget',
            '{"system_v":12,"loads":[{"name":"a","watts":1,"side":"ac","on":[{"from_h":1,"to_h":2}]}]}',
            '/inverter',
        ];
        yield 'empty span' => [
            'budget',
            '{"system_v":12,"loads":[{"name":"a","watts":1,"side":"dc","on":[{"from_h":3,"to_h":3}]}]}',
            '/loads/0/on/0/to_h',
        ];
        yield 'more sunshine than day' => ['sun-month', '{"latitude_deg":63,"month":12,"sunshine_h":9}', '/sunshine_h'];
        yield 'neither sunshine nor clearness' => ['array-yield', '{"latitude_deg":63,"month":12,"array_w":9}', '/sunshine_h'];
        yield 'a string of no panels' => [
            'array-fit',
            '{"panel":{"pmax_w":1,"voc_v":1,"vmp_v":1,"isc_a":1,"imp_a":1,"voc_tempco_pct_per_c":0,"vmp_tempco_pct_per_c":0},"series":0,"parallel":1,"min_cell_c":0,"max_cell_c":50,"regulator":{"kind":"mppt","max_pv_v":1,"max_charge_a":1},"absorption_v":14}',
            '/series',
        ];
        yield 'a heater that never stops' => [
            'trip',
            '{"bank":{"chemistry":"lfp","capacity_ah":1,"system_v":12,"heater":{"watts":5,"on_c":5,"off_c":1}},"loads":[],"sources":{},"site":{"from_day":1,"latitude_deg":1,"clearness":[0.5]},"days":1}',
            '/bank/heater/off_c',
        ];
        yield 'no sky' => [
            'trip',
            '{"bank":{"chemistry":"lfp","capacity_ah":1,"system_v":12},"loads":[],"sources":{},"site":{"from_day":1},"days":1}',
            '/site/latitude_deg',
        ];
        yield 'a battery without resistance' => [
            'bank-share',
            '{"batteries":[{"id":"A","ocv_v":13,"r_ohm":1},{"id":"B","ocv_v":13,"r_ohm":0}],"links":[],"takeoff":{"positive":"A+","negative":"A-"},"current_a":1}',
            '/batteries/1/r_ohm',
        ];
        yield 'misspelt key' => ['bank-size', '{"energy_wh_day":1,"days":1,"usable_pct":50,"system_v":12,"dais":2}', '/dais'];
    }

    #[DataProvider('bad')]
    public function testRefusesWithThePathOnStandardErrorAndCode2(string $name, string $input, string $path): void
    {
        [$code, $answer, $error] = $this->calc($name, $input);
        self::assertSame([2, ''], [$code, $answer]);
        $decoded = json_decode($error, true);
        self::assertSame($path, $decoded['error']['path']);
        self::assertNotSame('', $decoded['error']['message']);
    }

    public function testListsItsNamesAndPrintsSchemas(): void
    {
        [$code, $list] = $this->calc('', '');
        self::assertSame(0, $code);
        $names = explode("\n", trim($list));
        self::assertSame(
            [
                'array-fit', 'array-yield', 'assess', 'bank-layout', 'bank-share', 'bank-size', 'budget', 'capacity-test',
                'charge-time', 'conductor', 'dcdc-fit', 'equalise', 'fuse', 'inverter-draw', 'ladder', 'opens', 'peukert',
                'refresh-charge', 'schedule', 'shore', 'short-circuit', 'sun-day', 'sun-month', 'trip',
            ],
            $names,
        );
        foreach ($names as $name) {
            [$code, $schema] = $this->calc($name, '', '--schema');
            self::assertSame([0, 'object'], [$code, json_decode($schema, true)['type']]);
        }
        self::assertSame(64, $this->calc('horoscope', '{}')[0]);
    }

    public function testTheMessageOfTheContract(): void
    {
        [, , $error] = $this->calc('peukert', '{"capacity_ah":0,"rate_h":20,"exponent":1.2,"current_a":10}');
        self::assertSame('{"error":{"path":"/capacity_ah","message":"must be above 0"}}' . "\n", $error);
    }
}
