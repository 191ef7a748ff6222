<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Inverter\Inverter;
use Pebblefell\Load\Appliance;
use Pebblefell\Load\Budget;
use Pebblefell\Load\LoadSide;
use Pebblefell\Quantity\DayHours;
use Pebblefell\Quantity\HourSpan;

/** `budget`: energy a day and the worst moment of a list of loads. */
final class LoadBudget implements Calculation
{
    public static function schema(): array
    {
        return Schema::object(
            ['loads' => Schema::listOf(self::load()), 'system_v' => Schema::positive()],
            ['inverter' => self::inverter()],
        );
    }

    /**
     * @return array<string, mixed>
     */
    public static function inverter(): array
    {
        return Schema::object([
            'efficiency_pct' => Schema::percent(),
            'idle_w' => Schema::notNegative(),
            'on' => Schema::oneOf('always', 'with_loads'),
        ]);
    }

    /**
     * @return array<string, mixed>
     */
    public static function load(): array
    {
        return Schema::object(
            [
                'name' => ['type' => 'string'],
                'watts' => Schema::notNegative(),
                'on' => Schema::listOf(Schema::object(['from_h' => Schema::between(0, 24), 'to_h' => Schema::between(0, 24)])),
                'side' => Schema::oneOf('dc', 'ac'),
            ],
            [
                'quantity' => Schema::positive(1),
                'duty_pct' => Schema::between(0, 100, 100),
                'surge_w' => Schema::notNegative(),
                'standby_w' => Schema::notNegative(0),
            ],
        );
    }

    /**
     * @param array<string, mixed> $in with loads, and an inverter where there is one
     */
    public static function budget(array $in, float $systemV): Budget
    {
        $loads = [];
        foreach ($in['loads'] as $i => $load) {
            $loads[] = Appliance::of(
                $load['name'],
                $load['watts'],
                DayHours::of(self::spans($load['on'], "/loads/$i/on")),
                LoadSide::from($load['side']),
                $load['quantity'],
                $load['duty_pct'],
                $load['standby_w'],
                $load['surge_w'] ?? null,
            );
        }
        $inverter = isset($in['inverter'])
            ? Inverter::of($in['inverter']['efficiency_pct'], $in['inverter']['idle_w'], $in['inverter']['on'] === 'always')
            : null;

        return Budget::of($loads, $inverter, $systemV);
    }

    public static function run(array $in): array
    {
        $budget = self::budget($in, $in['system_v']);

        return [
            'energy_wh_day' => $budget->energyWhDay,
            'energy_ah_day' => $budget->energyAhDay(),
            'peak_w' => $budget->peakW,
            'peak_a' => $budget->peakA(),
            'ac_peak_w' => $budget->acPeakW,
            'surge_w' => $budget->surgeW,
            'peak_from_h' => $budget->worst->fromH,
            'peak_to_h' => $budget->worst->toH,
        ];
    }

    /**
     * @param list<array{from_h: float|int, to_h: float|int}> $on
     *
     * @return list<HourSpan>
     */
    public static function spans(array $on, string $path): array
    {
        $spans = [];
        foreach ($on as $j => $span) {
            $spans[] = SunMonthSum::span($span, "$path/$j");
        }

        return $spans;
    }
}
