<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\Finding\Figure;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Part;

/** Tells what runs for an hour and more through a part that does not hang on the bank: one on the starter side, or in an array's lead. */
final class Beside
{
    /**
     * Through a fuse, plug or switch between the starter battery and the DC-DC chargers behind it.
     *
     * @param array<string, Figure> $inputs A that each DC-DC charger takes, by uid
     *
     * @return ?Figure null where none hangs behind it
     */
    public static function starter(Circuit $circuit, Part $part, array $inputs): ?Figure
    {
        $behind = $circuit->behind($part);
        $own = $behind === null ? [] : array_values(array_filter(
            $inputs,
            static fn(string $uid): bool => $behind->has(Point::of($uid, 'input_plus')),
            ARRAY_FILTER_USE_KEY,
        ));

        return self::sum($own);
    }

    /**
     * Through a fuse or switch in an array's lead: the short-circuit current of the strings that it passes on, in the data sheet's sun.
     *
     * @param list<CableRun> $leads of all arrays
     *
     * @return ?Figure null where no lead ends on it
     */
    public static function array(Part $part, array $leads): ?Figure
    {
        $into = array_filter($leads, static fn(CableRun $r): bool => $r->far->uid === $part->uid);

        return self::sum(array_values(array_map(ArrayLeads::short(...), $into)));
    }

    /**
     * @param list<Figure> $figures
     */
    private static function sum(array $figures): ?Figure
    {
        return $figures === [] ? null : new Figure(
            'through-it',
            round(array_sum(array_map(static fn(Figure $f): float => $f->value, $figures)), 1),
            'A',
            'through-it',
            $figures,
            'first-principles',
        );
    }
}
