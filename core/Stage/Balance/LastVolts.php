<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Balance;

use Pebblefell\System\Measurement;
use Pebblefell\System\Part;

/** The volts that were measured last at each of some batteries, if they are of one day. */
final class LastVolts
{
    /**
     * @param list<Measurement> $measurements
     * @param list<Part>        $batteries
     *
     * @return ?array<string, Measurement> by uid; null where one was not measured, or not on the day of the others: that is no round
     */
    public static function of(array $measurements, array $batteries): ?array
    {
        $last = [];
        foreach ($measurements as $m) {
            if ($m->quantity === 'volts' && ($last[$m->partUid]->at ?? '') <= $m->at) {
                $last[$m->partUid] = $m;
            }
        }
        $seen = $days = [];
        foreach ($batteries as $battery) {
            if (!isset($last[$battery->uid])) {
                return null;
            }
            $seen[$battery->uid] = $last[$battery->uid];
            $days[substr($seen[$battery->uid]->at, 0, 10)] = true;
        }

        return count($days) > 1 ? null : $seen;
    }
}
