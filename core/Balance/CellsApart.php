<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Word;

/** Whether the cells of a battery stand alike: told at the top of a charge, by each cell's volts. */
final class CellsApart
{
    /** Cells are called alike within this, mV, when all stand above the knee. Common practice: 10 mV. */
    public const ALIKE_MV = 10.0;

    /** At the top of a charge each LFP cell stands at so many volts, and less than this share of the capacity flows. Common practice. */
    private const TOP_CELL_V = 3.45;
    private const TOP_SHARE = 0.05;

    /** Above the knee of the LFP curve, %: only there do a cell's volts tell its charge. Common practice: 3.35 V. */
    private const KNEE_PCT = 99.0;

    /** Returns what speaks against calling them alike; null: nothing. */
    public static function of(Candidate $c, BatteryReading $last): ?Word
    {
        if ($last->cells === null || $last->cells === []) {
            return self::say('cells-unread');
        }
        [$low, $high, $flows] = [min($last->cells), max($last->cells), self::TOP_SHARE * $c->subject->capacityAh];
        $number = static fn(float $volts): string => (string) (1 + (int) array_search($volts, $last->cells, true));

        return match (true) {
            abs($last->amps ?? 0.0) >= $flows => self::say(
                'cells-charging',
                ['amps' => Amount::of(abs($last->amps ?? 0.0), 'A', 0), 'least' => Amount::of($flows, 'A', 1)],
            ),
            !self::tells($c, $last) => self::say('cell-below', ['cell' => $number($low), 'volts' => Amount::of($low, 'V', 3)]),
            ($last->spreadMv() ?? 0.0) > self::ALIKE_MV => self::say(
                'cell-leads',
                ['cell' => $number($high), 'mv' => Amount::of($last->spreadMv(), 'mV', 0)],
            ),
            default => null,
        };
    }

    /**
     * Cells tell whether they are alike at the top of a charge, with hardly any current, or an hour at rest after it. In mid-charge the
     * flat reads alike whatever the charge is.
     */
    private static function tells(Candidate $c, BatteryReading $last): bool
    {
        $isTop = static fn(BatteryReading $r): bool => min([99.0, ...$r->cells ?? [0.0]]) >= self::TOP_CELL_V
            && abs($r->amps ?? 0.0) < self::TOP_SHARE * $c->subject->capacityAh;
        $was = array_filter($c->readings, static fn(BatteryReading $r): bool => $isTop($r) && $last->atS - $r->atS >= 3600.0);

        return $isTop($last) || ($was !== [] && min([99.0, ...$last->cells ?? []]) >= $c->subject->curve->volts(self::KNEE_PCT));
    }

    /**
     * @param array<string, mixed> $args
     */
    private static function say(string $key, array $args = []): Word
    {
        return Word::of("balance.gate.$key", $args);
    }
}
