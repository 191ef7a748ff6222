<?php

declare(strict_types=1);

namespace App\Record;

/** How much room is left where this copy keeps its data. Below a threshold nothing is written, and everything can be read. */
final class Disk
{
    private const MB = 1_000_000;

    public static function isNearlyFull(): bool
    {
        return self::freeMb() < (int) config('pebblefell.least_free_mb');
    }

    /** MB; without end where the system does not say. */
    public static function freeMb(): float
    {
        $free = @disk_free_space(storage_path());

        return $free === false ? INF : $free / self::MB;
    }
}
