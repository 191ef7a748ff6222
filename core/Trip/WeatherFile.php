<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Sun\SolarDay;

/**
 * A year of hours in the open EPW format: eight lines of header, then 8,760 lines, of which the dry-bulb temperature (field 7) and
 * the global horizontal radiation (field 14, Wh/m²) are used.
 *
 * Reference: EnergyPlus Auxiliary Programs, weather file data dictionary (field numbers from memory).
 */
final readonly class WeatherFile
{
    private const HEADER_LINES = 8;
    private const HOURS = 8760;
    private const CELSIUS = 6;
    private const GLOBAL_WH = 13;

    /** Holds what the format writes where a value is missing. */
    private const NO_CELSIUS = 99.9;
    private const NO_GLOBAL = 9999.0;

    private function __construct(public string $place, public Weather $weather)
    {
    }

    /**
     * @throws InvalidValue at /epw with the line that is wrong
     */
    public static function read(string $text): self
    {
        $lines = preg_split('/\R/', trim($text)) ?: [];
        $head = str_getcsv($lines[0] ?? '', ',', '"', '\\');
        if (strtoupper(trim((string) ($head[0] ?? ''))) !== 'LOCATION' || count($head) < 9) {
            throw InvalidValue::at('/epw', 'not-epw');
        }
        [$latitude, $longitude, $zone] = [self::number($head[6], 1), self::number($head[7], 1), self::number($head[8], 1)];
        if (count($lines) < self::HEADER_LINES + self::HOURS) {
            throw InvalidValue::at(
                '/epw',
                'epw-hours',
                ['hours' => (string) max(0, count($lines) - self::HEADER_LINES), 'year' => (string) self::HOURS],
            );
        }
        $hours = [];
        $leap = 0;
        foreach (array_slice($lines, self::HEADER_LINES, null, true) as $i => $line) {
            $fields = explode(',', $line);
            if (count($fields) <= self::GLOBAL_WH) {
                throw InvalidValue::at('/epw', 'epw-fields', ['line' => $i + 1]);
            }
            if ((int) $fields[1] === 2 && (int) $fields[2] === 29) {
                ++$leap;
                continue;
            }
            $celsius = self::number($fields[self::CELSIUS], $i + 1);
            $global = self::number($fields[self::GLOBAL_WH], $i + 1);
            if ($celsius >= self::NO_CELSIUS || $global >= self::NO_GLOBAL || $global < 0.0) {
                throw InvalidValue::at('/epw', 'epw-empty', ['line' => $i + 1]);
            }
            $hours[] = [$celsius, $global / 1000.0];
        }
        if (count($hours) !== self::HOURS) {
            throw InvalidValue::at(
                '/epw',
                'epw-leap',
                ['hours' => (string) count($hours), 'leap' => $leap, 'year' => (string) self::HOURS],
            );
        }

        return new self(trim((string) $head[1]), self::weather($latitude, ($longitude - 15.0 * $zone) / 15.0, $hours));
    }

    /**
     * Twelve monthly means of Rs/Ra, the sun's energy of a month over that outside the atmosphere.
     *
     * @return list<float>
     */
    public function clearness(): array
    {
        $means = [];
        foreach (range(1, 12) as $month) {
            [$got, $could] = [0.0, 0.0];
            foreach ($this->weather->ofMonth($month, Weather::MONTH_DAYS[$month - 1]) as $day) {
                $outside = SolarDay::at($this->weather->latitudeDeg, $day->dayOfYear)->extraterrestrialMj();
                $got += $day->clearness * $outside;
                $could += $outside;
            }
            $means[] = $could > 0.0 ? $got / $could : 0.0;
        }

        return $means;
    }

    /**
     * Twelve monthly means of the days' coldest hours, °C.
     *
     * @return list<float>
     */
    public function minC(): array
    {
        return array_map(function (int $month): float {
            $days = $this->weather->ofMonth($month, Weather::MONTH_DAYS[$month - 1]);

            return array_sum(array_map(static fn(WeatherDay $d): float => $d->minC, $days)) / max(1, count($days));
        }, range(1, 12));
    }

    /** The coldest hour of the file, °C: a typical year, so the record is lower still. */
    public function coldestC(): float
    {
        return min([INF, ...array_map(static fn(WeatherDay $d): float => $d->minC, $this->weather->year)]);
    }

    /**
     * @param list<array{float, float}> $hours °C and kWh/m²
     */
    private static function weather(float $latitude, float $zoneOffsetH, array $hours): Weather
    {
        $days = [];
        foreach (array_chunk($hours, 24) as $d => $day) {
            $month = 1;
            while ($month < 12 && Weather::firstDay($month + 1) <= $d + 1) {
                ++$month;
            }
            $celsius = array_column($day, 0);
            $kwh = array_column($day, 1);
            $outside = SolarDay::at($latitude, $d + 1)->extraterrestrialMj() / 3.6;
            $days[] = new WeatherDay(
                $d + 1,
                $month,
                $outside > 0.0 ? min(1.0, array_sum($kwh) / $outside) : 0.0,
                min($celsius),
                max($celsius),
                $kwh,
                $celsius,
                $zoneOffsetH + self::equationOfTimeH($d + 1),
            );
        }

        return Weather::ofDays($latitude, $days);
    }

    /** Hours by which the sundial is ahead of the clock. Spencer 1971; Duffie & Beckman eq. 1.5.3 (from memory). */
    private static function equationOfTimeH(int $dayOfYear): float
    {
        $b = 2.0 * M_PI * ($dayOfYear - 1) / 365.0;

        return 229.2 * (0.000075 + 0.001868 * cos($b) - 0.032077 * sin($b) - 0.014615 * cos(2 * $b) - 0.04089 * sin(2 * $b)) / 60.0;
    }

    private static function number(?string $text, int $line): float
    {
        $text = trim((string) $text);

        return is_numeric($text) ? (float) $text : throw InvalidValue::at(
            '/epw',
            'epw-number',
            ['line' => $line, 'text' => mb_substr($text, 0, 20)],
        );
    }
}
