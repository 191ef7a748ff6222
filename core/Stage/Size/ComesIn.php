<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\System\Travel;

/** Names what charges while the endurance map counts. */
enum ComesIn: string
{
    case Nothing = 'nothing';
    case Sun = 'sun';
    /** Sun, and the engine for the hours of the brief. */
    case All = 'all';

    /** Returns what the customer's wish counts with. */
    public static function wished(Travel $travel): self
    {
        $all = self::choices($travel);

        return $travel->wish === 'lived' ? $all[count($all) - 1] : self::Nothing;
    }

    /**
     * @return non-empty-list<self> from the least to as they live; an engine that never runs is no choice
     */
    public static function choices(Travel $travel): array
    {
        return [self::Nothing, self::Sun, ...($travel->drivingHDay > 0.0 ? [self::All] : [])];
    }
}
