<?php

declare(strict_types=1);

namespace Pebblefell\Setting;

use Pebblefell\Chemistry\Chemistry;

/**
 * For what a lithium bank is charged: the trade's schools differ, each with its price. Lead is charged one way, by its sheet: it suffers
 * when
 * it is not full.
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

    /** A balancer does nothing below it, V a cell. Common practice. */
    public const BALANCES_FROM_CELL_V = 3.45;

    /**
     * V a cell for absorption and float; null: as the sheet has it. Common practice: long life stops at 3.40 V a cell; a rested cell
     * stands at
     * 3.30 V at about 70 %.
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
