<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank;

use Pebblefell\Bank\Share;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;

/** Tells what the links cost, as figures that can be asked how. */
final class BankFigures
{
    public static function spread(Share $share): Figure
    {
        return new Figure('spread', round($share->spreadPct() ?? 0.0, 1), '%', 'spread', [self::load($share)], 'nodal-1975');
    }

    /** Null where nothing flows. */
    public static function lost(Share $share): ?Figure
    {
        $lost = $share->lostV();

        return $lost === null ? null : new Figure('lost-in-the-links', $lost, 'V', 'lost-in-the-links', [self::load($share)], 'joule');
    }

    public static function heat(Share $share): Figure
    {
        return new Figure('heat-in-the-links', $share->heatW(), 'W', 'heat-in-the-links', [self::load($share)], 'joule');
    }

    private static function load(Share $share): Figure
    {
        return Figure::given('load', $share->loadA, 'A', Origin::Typed);
    }
}
