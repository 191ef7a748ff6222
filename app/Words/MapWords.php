<?php

declare(strict_types=1);

namespace App\Words;

use Pebblefell\Stage\Size\Endurance;

/** Tells what stands on the endurance map: days until empty, or the share of a year's days. */
final class MapWords
{
    public function label(Endurance $map): string
    {
        return 'Endurance map: bank in Ah to the right, array in W upward, shaded by '
            . ($map->isYear() ? 'share of days served' : 'days until empty');
    }

    public function value(Endurance $map, float $value, ?Show $show = null): string
    {
        return ($show === null ? (string) $value : $show->text($value)) . ($map->isYear() ? ' %' : ' d');
    }

    /** Returns what the line is at which it lasts as long as looked for: the wish, or as many days counted otherwise. */
    public function wish(Endurance $map, Show $show): string
    {
        return ($map->isWish ? 'the wish, ' : '') . $this->goal($map, $show);
    }

    /** "4 days", "95 % of days". */
    public function goal(Endurance $map, Show $show): string
    {
        return $map->isYear() ? $show->text($map->wish) . ' % of days' : $show->days($map->wish);
    }
}
