<?php

declare(strict_types=1);

namespace Pebblefell\Load;

/**
 * Appliances that are usually aboard, with honest watts. Common practice, no source: nameplates differ, and a clamp tells more.
 *
 * Each: side, watts running, duty in %, standby W, start surge W or null, and what it does.
 */
final class UsualAppliances
{
    private const ROWS = [
        'fridge-small' => ['dc', 45, 35, 0, 110, Does::KeepsCold],
        'fridge-large' => ['dc', 65, 40, 0, 160, Does::KeepsCold],
        'fridge-household' => ['ac', 110, 35, 0, 800, Does::KeepsCold],
        'led-lights' => ['dc', 20, 100, 0, null, Does::Other],
        'water-pump' => ['dc', 60, 100, 0, 120, Does::Other],
        'diesel-heater' => ['dc', 28, 60, 0, 120, Does::Other],
        'gas-heater-fan' => ['dc', 24, 50, 1, null, Does::Other],
        'roof-fan' => ['dc', 30, 100, 0, null, Does::Other],
        'phone' => ['dc', 12, 60, 0, null, Does::Other],
        'laptop' => ['dc', 60, 70, 1, null, Does::Other],
        'router' => ['dc', 9, 100, 0, null, Does::Other],
        'television' => ['dc', 36, 100, 1, null, Does::Other],
        'satellite' => ['dc', 20, 100, 6, null, Does::Other],
        'kettle' => ['ac', 1000, 100, 0, null, Does::Heats],
        'coffee' => ['ac', 1350, 60, 2, null, Does::Heats],
        'induction' => ['ac', 1800, 60, 1, null, Does::Heats],
        'microwave' => ['ac', 1200, 100, 3, 1500, Does::Heats],
        'hair-dryer' => ['ac', 1200, 100, 0, null, Does::Heats],
        'water-heater' => ['ac', 1000, 50, 0, null, Does::Heats],
        'air-conditioner-small' => ['ac', 650, 70, 3, 2600, Does::Cools],
        'air-conditioner-roof' => ['ac', 925, 80, 3, 3200, Does::Cools],
        'blanket' => ['dc', 50, 60, 0, null, Does::Heats],
        'vacuum' => ['ac', 700, 100, 0, 1400, Does::Other],
        'breathing' => ['dc', 40, 90, 0, null, Does::Other],
    ];

    /** @return list<string> keys of lang/NAME/appliances.php */
    public static function keys(): array
    {
        return array_keys(self::ROWS);
    }

    /** @return ?array{side: string, watts: float, duty_pct: float, standby_w: float, surge_w: ?float, does: Does} */
    public static function find(string $key): ?array
    {
        $row = self::ROWS[$key] ?? null;

        return $row === null ? null : [
            'side' => $row[0],
            'watts' => (float) $row[1],
            'duty_pct' => (float) $row[2],
            'standby_w' => (float) $row[3],
            'surge_w' => $row[4] === null ? null : (float) $row[4],
            'does' => $row[5],
        ];
    }
}
