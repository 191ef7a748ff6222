<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Sun\SolarDay;
use Pebblefell\System\Roof;

/**
 * Tells what hatches, vents and boxes on a roof take of the direct sun of each panel, over a day of a month and every way that the
 * vehicle may stand.
 *
 * A point of a panel is in shade while a straight line from it towards the sun meets something that is higher there: within height /
 * tan(altitude) of it. A panel's cells are joined in thirds along its length, each with a bypass diode: the least that is lost is the
 * shaded area, the most every third on which a shadow lies at all. Both geometry; that panels have three such parts is common practice.
 */
final readonly class RoofShade
{
    /** Panels stand so high above the roof, mm: what is lower throws no shadow on them. Assumed. */
    private const PANEL_MM = 40.0;

    /**
     * Points along and across a panel, directions, and hours of the half day that are looked at. Chosen: the answer moves by less than one
     * in a hundred beyond.
     */
    private const ALONG = 9;
    private const ACROSS = 5;
    private const DIRECTIONS = 24;
    private const HOURS = 8;

    private const THIRDS = 3;

    /** Below it the sun is in trees and houses, degrees. Chosen. */
    private const LEAST_ALTITUDE = 3.0;

    /**
     * @return list<array{least: float, most: float, by: list<string>}> shares of each panel's direct sun, 0 to 1, and what throws the
     *     shadow
     */
    public static function of(RoofPlan $plan, float $latitudeDeg, int $month): array
    {
        $suns = self::suns(SolarDay::ofMonth($latitudeDeg, $month));

        return array_map(static fn(array $panel): array => self::onPanel($panel, $plan->roof, $suns), $plan->panels);
    }

    /**
     * @return list<array{tan: float, weight: float}> of the hours of a half day: the other half is alike
     */
    private static function suns(SolarDay $day): array
    {
        $suns = [];
        for ($i = 0; $i < self::HOURS; ++$i) {
            $sine = $day->cosZenith(($i + 0.5) / self::HOURS * $day->sunsetAngleRad);
            $altitude = asin(max(-1.0, min(1.0, $sine)));
            if ($altitude > deg2rad(self::LEAST_ALTITUDE)) {
                // On a flat panel, through so much air: Meinel & Meinel 1976, 0.7 to the power of (air mass ^ 0.678), from memory.
                $suns[] = ['tan' => tan($altitude), 'weight' => $sine * 0.7 ** ((1.0 / $sine) ** 0.678)];
            }
        }

        return $suns;
    }

    /**
     * @param array{x: float, y: float, l: float, w: float, ...} $panel
     * @param list<array{tan: float, weight: float}>             $suns
     *
     * @return array{least: float, most: float, by: list<string>}
     */
    private static function onPanel(array $panel, Roof $roof, array $suns): array
    {
        $least = $most = $all = 0.0;
        $by = [];
        $things = array_values(array_filter($roof->things, static fn(array $t): bool => ($t['h'] ?? Roof::USUAL_HIGH_MM) > self::PANEL_MM));
        for ($d = 0; $d < self::DIRECTIONS; ++$d) {
            $angle = 2.0 * M_PI * ($d + 0.5) / self::DIRECTIONS;
            // How far from each point each thing lies in that direction, once for every height of the sun.
            $away = self::away($panel, $things, cos($angle), sin($angle));
            foreach ($suns as ['tan' => $tan, 'weight' => $weight]) {
                $parts = array_fill(0, self::THIRDS, 0);
                foreach ($away as $n => $distances) {
                    foreach ($distances as $t => $mm) {
                        if ($mm <= (($things[$t]['h'] ?? Roof::USUAL_HIGH_MM) - self::PANEL_MM) / $tan) {
                            ++$parts[intdiv(self::THIRDS * intdiv($n, self::ACROSS), self::ALONG)];
                            $by[$things[$t]['name']] = true;
                            break;
                        }
                    }
                }
                $all += $weight;
                $least += $weight * array_sum($parts) / (self::ALONG * self::ACROSS);
                $most += $weight * count(array_filter($parts)) / self::THIRDS;
            }
        }

        return $all <= 0.0 ? ['least' => 0.0, 'most' => 0.0, 'by' => []] : [
            'least' => $least / $all,
            'most' => $most / $all,
            'by' => array_map(strval(...), array_keys($by)),
        ];
    }

    /**
     * @param array{x: float, y: float, l: float, w: float, ...}                                      $panel
     * @param list<array{name: string, x: float, y: float, l: float, w: float, h: ?float}> $things
     *
     * @return list<array<int, float>> by point, along first: mm to each thing that lies in that direction, by its place in the list
     */
    private static function away(array $panel, array $things, float $ux, float $uy): array
    {
        $points = [];
        $lengthwise = $panel['l'] >= $panel['w'];
        for ($i = 0; $i < self::ALONG; ++$i) {
            for ($j = 0; $j < self::ACROSS; ++$j) {
                [$a, $b] = [($i + 0.5) / self::ALONG, ($j + 0.5) / self::ACROSS];
                $x = $panel['x'] + $panel['l'] * ($lengthwise ? $a : $b);
                $y = $panel['y'] + $panel['w'] * ($lengthwise ? $b : $a);
                $found = [];
                foreach ($things as $t => $thing) {
                    $mm = self::meets($x, $y, $ux, $uy, $thing);
                    if ($mm !== null) {
                        $found[$t] = $mm;
                    }
                }
                $points[] = $found;
            }
        }

        return $points;
    }

    /**
     * The way from a point to a rectangle, slab by slab.
     *
     * @param array{x: float, y: float, l: float, w: float, ...} $r
     *
     * @return ?float mm; null where it is not met
     */
    private static function meets(float $x, float $y, float $ux, float $uy, array $r): ?float
    {
        [$near, $far] = [0.0, INF];
        foreach ([[$x, $ux, $r['x'], $r['x'] + $r['l']], [$y, $uy, $r['y'], $r['y'] + $r['w']]] as [$at, $u, $low, $high]) {
            if (abs($u) < 1e-9) {
                if ($at < $low || $at > $high) {
                    return null;
                }
                continue;
            }
            [$a, $b] = [($low - $at) / $u, ($high - $at) / $u];
            [$near, $far] = [max($near, min($a, $b)), min($far, max($a, $b))];
        }

        return $near <= $far ? $near : null;
    }
}
