<?php

declare(strict_types=1);

namespace Pebblefell\Conductor;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\ConductorSize;

/**
 * Tells what a conductor carries without its insulation growing too hot.
 *
 * Metric sizes: ISO 10133 / ISO 13297 annex A, single conductor, 30 °C. Gauges: ABYC E-11, 105 °C insulation, outside engine spaces; for
 * cooler insulation scaled as the metric tables are at the nearest size. All from memory.
 */
final class Ampacity
{
    /** Insulation classes, °C, in the order of the table's columns. */
    public const INSULATION_C = [70, 90, 105];

    /** mm² => A at 70, 90 and 105 °C insulation. ISO 10133 / ISO 13297 annex A (from memory). */
    private const METRIC = [
        '1.5' => [18, 21, 25], '2.5' => [25, 30, 35], '4' => [35, 40, 45], '6' => [45, 50, 60], '10' => [65, 70, 90],
        '16' => [90, 100, 130],
        '25' => [120, 140, 170], '35' => [160, 185, 210], '50' => [210, 230, 270], '70' => [265, 285, 330], '95' => [310, 330, 390],
        '120' => [360, 400, 450],
    ];

    /** Gauge => A at 105 °C insulation. ABYC E-11 (from memory). */
    private const GAUGES = [
        '16' => 25, '14' => 35, '12' => 45, '10' => 60, '8' => 80, '6' => 120, '4' => 160, '2' => 210, '1' => 245, '1/0' => 285,
        '2/0' => 330, '3/0' => 385, '4/0' => 445,
    ];

    /** The tables hold at this ambient, °C. */
    public const TABLE_C = 30.0;

    /** Loaded conductors in a bundle up to which a factor holds. ISO 10133 annex A (from memory); above 24 as ABYC E-11. */
    private const BUNDLES = [3 => 1.0, 6 => 0.7, 24 => 0.6];
    private const LARGE_BUNDLE = 0.5;

    /**
     * Sizes that have an ampacity, thin to thick.
     *
     * @return array<string, float> mm² by designation
     */
    public static function sizes(bool $gauges): array
    {
        $sizes = [];
        foreach (array_keys($gauges ? self::GAUGES : self::METRIC) as $name) {
            $name = (string) $name;
            $sizes[$gauges ? "$name AWG" : "$name mm²"] = $gauges ? ConductorSize::ofGauge($name)->areaMm2 : (float) $name;
        }

        return $sizes;
    }

    /**
     * A that a size carries, derated for where it lies.
     *
     * @param string $designation one of sizes()
     * @param int    $grouped     loaded conductors in the bundle
     *
     * @throws InvalidValue at /insulation_c, /ambient_c
     */
    public static function of(string $designation, int $insulationC, float $ambientC = self::TABLE_C, int $grouped = 1): float
    {
        return self::atTable($designation, $insulationC) * self::ambientFactor($insulationC, $ambientC) * self::bundleFactor($grouped);
    }

    /**
     * Returns what a conductor of any area carries: by the table's nearest sizes, on the line between them; a gauge as its own. What is
     * thinner than the thinnest counts as that, thicker than the thickest by its area.
     *
     * @param float $insulationC of the conductor; the class at or below counts
     */
    public static function ofArea(float $areaMm2, float $insulationC): float
    {
        $class = self::classOf($insulationC);
        foreach (self::sizes(true) as $gauge => $area) {
            if (abs($areaMm2 - $area) < ConductorSize::SAME_AREA * $area) {
                return self::atTable($gauge, $class);
            }
        }
        [$thin, $thick] = [null, null];
        foreach (self::sizes(false) as $name => $area) {
            if ($area <= $areaMm2 + 1e-9) {
                $thin = [$area, self::atTable($name, $class)];
            } elseif ($thick === null) {
                $thick = [$area, self::atTable($name, $class)];
            }
        }

        return match (true) {
            $thin === null => $thick[1] ?? 0.0,
            $thick === null => $thin[1] * $areaMm2 / $thin[0],
            default => $thin[1] + ($thick[1] - $thin[1]) * ($areaMm2 - $thin[0]) / ($thick[0] - $thin[0]),
        };
    }

    /** The class of an insulation that bears so much, °C: the one at or below. */
    public static function classOf(float $insulationC): int
    {
        return max(array_filter(self::INSULATION_C, static fn(int $c): bool => $c <= $insulationC) ?: [min(self::INSULATION_C)]);
    }

    /**
     * Returns what the insulation may still warm up by, against the table: √((T − ambient)/(T − 30)), as IEC 60364-5-52 builds its
     * tables (from memory).
     */
    public static function ambientFactor(int $insulationC, float $ambientC): float
    {
        if ($ambientC >= $insulationC) {
            throw InvalidValue::at('/ambient_c', 'ambient');
        }

        return $ambientC <= self::TABLE_C ? 1.0 : sqrt(($insulationC - $ambientC) / ($insulationC - self::TABLE_C));
    }

    public static function bundleFactor(int $grouped): float
    {
        foreach (self::BUNDLES as $most => $factor) {
            if ($grouped <= $most) {
                return $factor;
            }
        }

        return self::LARGE_BUNDLE;
    }

    private static function atTable(string $designation, int $insulationC): float
    {
        $column = array_search($insulationC, self::INSULATION_C, true);
        if ($column === false) {
            throw InvalidValue::at('/insulation_c', 'insulation');
        }
        [$name, $unit] = explode(' ', $designation);
        if ($unit === 'mm²') {
            return (float) self::METRIC[$name][$column];
        }
        $row = self::METRIC[self::nearestMetric(ConductorSize::ofGauge($name)->areaMm2)];

        return self::GAUGES[$name] * $row[$column] / $row[2];
    }

    private static function nearestMetric(float $areaMm2): string
    {
        $nearest = '1.5';
        foreach (array_keys(self::METRIC) as $name) {
            if (abs((float) $name - $areaMm2) < abs((float) $nearest - $areaMm2)) {
                $nearest = (string) $name;
            }
        }

        return $nearest;
    }
}
