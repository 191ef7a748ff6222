<?php

declare(strict_types=1);

namespace Pebblefell\System;

/**
 * A sort of climate that stands in for a place's own sky and nights until they are known: clearness and mean night minimum by month and
 * latitude. Assumed throughout; south of the equator the year is turned by half.
 */
enum Climate: string
{
    case WetCoast = 'wet_coast';
    case SubarcticCoast = 'subarctic_coast';
    case Plain = 'plain';
    case ColdInland = 'cold_inland';
    case HighMountain = 'high_mountain';
    case Mediterranean = 'mediterranean';
    case Steppe = 'steppe';
    case Desert = 'desert';
    case Subtropical = 'subtropical';
    case Monsoon = 'monsoon';
    case Savanna = 'savanna';
    case Equatorial = 'equatorial';

    /** The coldest nights come so long after the middle of December, months. Common practice: late January. */
    private const COLDEST_AT = 1.2;

    /** Clearness Rs/Ra from January to December of the northern half. Assumed: round figures of each sort of sky. */
    private const CLEARNESS = [
        'wet_coast' => [0.30, 0.34, 0.38, 0.42, 0.44, 0.42, 0.42, 0.42, 0.40, 0.35, 0.31, 0.28],
        'subarctic_coast' => [0.35, 0.40, 0.45, 0.48, 0.46, 0.43, 0.41, 0.40, 0.38, 0.34, 0.32, 0.30],
        'plain' => [0.33, 0.38, 0.42, 0.45, 0.47, 0.47, 0.49, 0.48, 0.45, 0.40, 0.32, 0.29],
        'cold_inland' => [0.45, 0.50, 0.54, 0.53, 0.52, 0.52, 0.53, 0.52, 0.49, 0.44, 0.40, 0.41],
        'high_mountain' => [0.48, 0.52, 0.55, 0.54, 0.50, 0.50, 0.54, 0.53, 0.53, 0.51, 0.46, 0.44],
        'mediterranean' => [0.46, 0.49, 0.53, 0.56, 0.60, 0.64, 0.67, 0.66, 0.61, 0.54, 0.47, 0.44],
        'steppe' => [0.52, 0.54, 0.56, 0.57, 0.59, 0.61, 0.62, 0.61, 0.60, 0.56, 0.52, 0.50],
        'desert' => [0.60, 0.63, 0.65, 0.67, 0.69, 0.71, 0.69, 0.69, 0.69, 0.66, 0.62, 0.59],
        'subtropical' => [0.47, 0.49, 0.51, 0.53, 0.53, 0.52, 0.51, 0.51, 0.51, 0.53, 0.50, 0.47],
        'monsoon' => [0.58, 0.60, 0.60, 0.58, 0.54, 0.42, 0.37, 0.38, 0.46, 0.55, 0.57, 0.57],
        'savanna' => [0.62, 0.62, 0.60, 0.56, 0.52, 0.48, 0.46, 0.46, 0.49, 0.54, 0.60, 0.62],
        'equatorial' => [0.45, 0.46, 0.47, 0.47, 0.47, 0.48, 0.48, 0.48, 0.48, 0.47, 0.45, 0.44],
    ];

    /** Mean night minimum of the year at a latitude, °C; half of its swing; its change by degree of latitude. Assumed. */
    private const NIGHTS = [
        'wet_coast' => [52.0, 6.0, 5.0, -0.5],
        'subarctic_coast' => [64.0, 1.0, 6.5, -0.5],
        'plain' => [50.0, 5.0, 8.5, -0.6],
        'cold_inland' => [54.0, -2.0, 14.0, -0.8],
        'high_mountain' => [46.0, -2.0, 8.0, -0.6],
        'mediterranean' => [40.0, 11.0, 7.0, -0.6],
        'steppe' => [42.0, 4.0, 12.0, -0.8],
        'desert' => [27.0, 15.0, 9.0, -0.6],
        'subtropical' => [30.0, 14.0, 9.0, -0.7],
        'monsoon' => [20.0, 19.0, 6.0, -0.4],
        'savanna' => [12.0, 19.0, 3.0, -0.3],
        'equatorial' => [2.0, 22.0, 0.7, -0.1],
    ];

    /** Returns what a coast or a plain of that latitude is likeliest to have. Assumed. */
    public static function usual(float $latitudeDeg): self
    {
        return match (true) {
            abs($latitudeDeg) < 8.0 => self::Equatorial,
            abs($latitudeDeg) < 20.0 => self::Savanna,
            abs($latitudeDeg) < 33.0 => self::Subtropical,
            abs($latitudeDeg) < 44.0 => self::Mediterranean,
            abs($latitudeDeg) < 60.0 => self::WetCoast,
            default => self::SubarcticCoast,
        };
    }

    /**
     * @param int $month 1 to 12
     *
     * @return float Rs/Ra, 0 to 1
     */
    public function clearness(int $month, float $latitudeDeg): float
    {
        return self::CLEARNESS[$this->value][self::northern($month, $latitudeDeg) - 1];
    }

    /**
     * @param int $month 1 to 12
     *
     * @return float mean night minimum, °C
     */
    public function minC(int $month, float $latitudeDeg): float
    {
        [$at, $mean, $swing, $perDegree] = self::NIGHTS[$this->value];
        $season = cos((self::northern($month, $latitudeDeg) - self::COLDEST_AT) * M_PI / 6.0);

        return $mean + $perDegree * (abs($latitudeDeg) - $at) - $swing * $season;
    }

    /** The month of the northern half with the same season. */
    private static function northern(int $month, float $latitudeDeg): int
    {
        return $latitudeDeg >= 0.0 ? $month : ($month + 5) % 12 + 1;
    }
}
