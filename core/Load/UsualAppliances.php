<?php

declare(strict_types=1);

namespace Pebblefell\Load;

/**
 * Appliances that are usually aboard, with honest watts. Common practice, no source: nameplates differ, and a clamp tells more.
 *
 * Each: side, watts running, duty in %, standby W, start surge W or null, and whether it heats or cools.
 */
final class UsualAppliances
{
    private const ROWS = [
        'Compressor fridge, small' => ['dc', 45, 35, 0, 110, true],
        'Compressor fridge, large' => ['dc', 65, 40, 0, 160, true],
        'Household fridge' => ['ac', 110, 35, 0, 800, true],
        'LED lights' => ['dc', 20, 100, 0, null, false],
        'Water pump' => ['dc', 60, 100, 0, 120, false],
        'Diesel heater, running' => ['dc', 28, 60, 0, 120, false],
        'Gas heater fan' => ['dc', 24, 50, 1, null, false],
        'Roof fan' => ['dc', 30, 100, 0, null, false],
        'Phone charging' => ['dc', 12, 60, 0, null, false],
        'Laptop' => ['dc', 60, 70, 1, null, false],
        'Router' => ['dc', 9, 100, 0, null, false],
        'Television' => ['dc', 36, 100, 1, null, false],
        'Satellite receiver' => ['dc', 20, 100, 6, null, false],
        'Kettle' => ['ac', 1000, 100, 0, null, true],
        'Coffee machine' => ['ac', 1350, 60, 2, null, true],
        'Induction plate' => ['ac', 1800, 60, 1, null, true],
        'Microwave' => ['ac', 1200, 100, 3, 1500, true],
        'Hair dryer' => ['ac', 1200, 100, 0, null, true],
        'Electric water heater' => ['ac', 1000, 50, 0, null, true],
        'Air conditioner, small' => ['ac', 650, 70, 3, 2600, true],
        'Air conditioner, roof' => ['ac', 925, 80, 3, 3200, true],
        'Electric blanket' => ['dc', 50, 60, 0, null, true],
        'Vacuum cleaner' => ['ac', 700, 100, 0, 1400, false],
        'Breathing machine' => ['dc', 40, 90, 0, null, false],
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::ROWS);
    }

    /** @return ?array{side: string, watts: float, duty_pct: float, standby_w: float, surge_w: ?float} */
    public static function find(string $name): ?array
    {
        $row = self::ROWS[$name] ?? null;

        return $row === null ? null : ['side' => $row[0], 'watts' => (float) $row[1], 'duty_pct' => (float) $row[2], 'standby_w' => (float) $row[3], 'surge_w' => $row[4] === null ? null : (float) $row[4]];
    }

    /** True if its name says that it heats or cools; such things dominate a budget. */
    public static function heatsOrCools(string $name): bool
    {
        return (self::ROWS[$name][5] ?? false)
            || preg_match('/heat(er|ing)?\b(?!.*fan)|kettle|coffee|boiler|oven|iron\b|steril|toast|fridge|freezer|air con|cool|blanket|induction|hob|microwave|dryer|popcorn/i', $name) === 1;
    }
}
