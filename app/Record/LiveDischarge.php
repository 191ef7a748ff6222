<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Job;
use App\Models\Tick;
use Pebblefell\Stage\NotedTick as Noted;

/** A discharge that is read while it runs: volts and amps of one battery, noted one after the other on the test sheet. */
final class LiveDischarge
{
    /** Under what step a reading of a battery is noted; taken back, the discharge begins anew. */
    public static function step(string $uid): string
    {
        return "capacity.$uid";
    }

    /**
     * Readings since it began, in order of time.
     *
     * @return list<array{t_s: float, volts: float, amps: float}>
     */
    public static function readings(Job $job, string $uid): array
    {
        $readings = [];
        foreach ($job->ticks()->where('sheet', Tick::TEST)->where('step', self::step($uid))->get() as $tick) {
            if ($tick->state === Noted::UNDONE) {
                $readings = [];
                continue;
            }
            $at = (float) $tick->noted_at->getTimestamp();
            $last = $readings === [] ? -INF : $readings[count($readings) - 1]['t_s'];
            if ($tick->value !== null && $tick->amps !== null && $at > $last) {
                $readings[] = ['t_s' => $at, 'volts' => $tick->value, 'amps' => $tick->amps];
            }
        }

        return $readings;
    }
}
