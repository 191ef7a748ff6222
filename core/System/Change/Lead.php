<?php

declare(strict_types=1);

namespace Pebblefell\System\Change;

use Pebblefell\Finding\Change;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\System;

/** An end of a conductor led somewhere else. Where it was found stays on record. */
final class Lead
{
    /**
     * @param string $end from or to
     */
    public static function end(System $system, Conductor $conductor, string $end, Point $point): Change
    {
        if (!$system->wasThere($conductor)) {
            return Change::set('conductor', $conductor->uid, $end, (string) $point);
        }
        $found = $end === 'from' ? $conductor->from : $conductor->to;

        return Change::set('conductor', $conductor->uid, "planned_$end", $found->is($point) ? null : (string) $point);
    }
}
