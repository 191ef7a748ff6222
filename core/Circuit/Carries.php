<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\Conductor\Ampacity;
use Pebblefell\System\Conductor;

/** Tells what a conductor of the plan carries where it lies: its size and insulation, the warmth around it, and what is bundled with it. */
final class Carries
{
    /** Insulation of what is not noted: at least, and at most. */
    public static function least(Conductor $conductor): ?float
    {
        return self::of($conductor, $conductor->insulationC ?? (float) min(Ampacity::INSULATION_C));
    }

    public static function most(Conductor $conductor): ?float
    {
        return self::of($conductor, $conductor->insulationC ?? (float) max(Ampacity::INSULATION_C));
    }

    /** Nothing is left of it where the place is as warm as its insulation bears; null while its size is not noted. */
    private static function of(Conductor $conductor, float $insulationC): ?float
    {
        if ($conductor->sizeMm2 === null) {
            return null;
        }
        $class = Ampacity::classOf($insulationC);
        $ambientC = $conductor->ambientC ?? Ampacity::TABLE_C;

        return $ambientC >= $class
            ? 0.0
            : Ampacity::ofArea($conductor->sizeMm2, $class) * Ampacity::ambientFactor($class, $ambientC)
                * Ampacity::bundleFactor($conductor->grouped ?? 1);
    }
}
