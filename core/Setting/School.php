<?php

declare(strict_types=1);

namespace Pebblefell\Setting;

use Pebblefell\Chemistry\Chemistry;

/**
 * For what a lithium bank is charged: the trade's schools differ, each with its price. Lead is charged one way, by its sheet, since it
 * suffers when it is not full; only the season moves it.
 */
enum School: string
{
    /** As the data sheet has it. */
    case Everyday = 'everyday';
    /** Full before a trip: longer at the top, so that the cells are balanced. */
    case Full = 'full';
    /** Long life: 3.40 V a cell, about 80 %. */
    case LongLife = 'long_life';
    /** Stored: held at about two thirds. */
    case Storage = 'storage';
    /** Lead in a cold place, on a charger that does not feel the battery: by its compensation, once for the season. */
    case Winter = 'winter';

    /** °C of the volts on a data sheet, and of a battery in winter. Common practice; the second is assumed. */
    public const SHEET_C = 25.0;
    public const WINTER_C = 5.0;

    /** A balancer does nothing below it, V a cell. Common practice. */
    public const BALANCES_FROM_CELL_V = 3.45;

    /**
     * V a cell for absorption and float; null: as the sheet has it. Common practice: long life stops at 3.40 V a cell; a rested cell stands
     * at 3.30 V at about 70 %.
     *
     * @return ?array{float, float}
     */
    public function cellV(Chemistry $chemistry): ?array
    {
        return match (true) {
            !$chemistry->isLithium() => null,
            $this === self::LongLife => [3.40, 3.35],
            $this === self::Storage => [3.35, 3.30],
            default => null,
        };
    }

    /** Times the usual limit of absorption. Chosen: balancing takes as long again. */
    public function absorptionTimes(): float
    {
        return $this === self::Full ? 2.0 : 1.0;
    }

    /**
     * @return list<self> what can be chosen for a chemistry
     */
    public static function forChemistry(Chemistry $chemistry): array
    {
        return $chemistry->isLithium() ? [self::Everyday, self::Full, self::LongLife, self::Storage] : [self::Everyday, self::Winter];
    }

    /** V a cell above its sheet, in the cold of winter. */
    public function raisesCellV(Chemistry $chemistry): float
    {
        return $this === self::Winter ? $chemistry->compensationMvPerCellC() / 1000.0 * (self::WINTER_C - self::SHEET_C) : 0.0;
    }

    /** It sets out less than full, so that Size and the year reckon with less; a stored vehicle is filled before a trip. */
    public function setsOutPct(Chemistry $chemistry): float
    {
        return $this === self::LongLife ? $this->fullPct($chemistry) : 100.0;
    }

    /** % of the capacity to which it charges. Common practice. */
    public function fullPct(Chemistry $chemistry): float
    {
        return match (true) {
            !$chemistry->isLithium() => 100.0,
            $this === self::LongLife => 80.0,
            $this === self::Storage => 70.0,
            default => 100.0,
        };
    }
}
