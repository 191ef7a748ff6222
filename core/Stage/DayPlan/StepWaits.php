<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\System\Part;

/** How long batteries take until they may be joined, as long as nothing was read of them. */
final class StepWaits
{
    /** A new battery comes about half full. Common practice: transport rules ask for little, makers ship at 30 to 60 %. */
    private const SHIPPED = 0.5;

    /** A workshop's charger, A. Assumed. */
    private const CHARGER_A = 20.0;

    /** Then each rests. Common practice: an hour at least. */
    private const REST_H = 1.0;

    /**
     * One charger, one after the other, then a rest.
     *
     * @param list<Part> $batteries
     *
     * @return float h
     */
    public static function balanceH(array $batteries): float
    {
        $hours = 0.0;
        foreach ($batteries as $battery) {
            $amps = min(self::CHARGER_A, $battery->data->orUsual('charge_limit_a'));
            $ah = $battery->data->number('capacity_ah') === null ? 0.0 : $battery->data->known('capacity_ah');
            $hours += $ah * (1.0 - self::SHIPPED) / $amps;
        }

        return $hours + self::REST_H;
    }
}
