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
        yield 'budget' => ['budget', ['system_v' => 12, 'inverter' => ['efficiency_pct' => 90, 'idle_w' => 10, 'on' => 'with_loads'], 'loads' => [
            ['name' => 'fridge', 'watts' => 45, 'duty_pct' => 40, 'on' => [['from_h' => 0, 'to_h' => 24]], 'side' => 'dc'],
            ['name' => 'kettle', 'watts' => 1000, 'surge_w' => 1100, 'on' => [['from_h' => 23.5, 'to_h' => 0.5]], 'side' => 'ac'],
        ]], ['energy_wh_day' => 1553.1, 'energy_ah_day' => 129.4, 'peak_w' => 1166.1, 'peak_a' => 97.2, 'ac_peak_w' => 1000.0, 'surge_w' => 1100.0]];
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
            ['array-yield', 'bank-size', 'budget', 'charge-time', 'inverter-draw', 'peukert', 'sun-day', 'sun-month'],
            $names,
        );
        foreach (['budget', 'sun-month'] as $name) {
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
