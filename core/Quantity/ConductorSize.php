<?php

declare(strict_types=1);

namespace Pebblefell\Quantity;

use Pebblefell\Exception\InvalidValue;

/**
 * The cross-section of a conductor, in mm², with its nearest name in both systems.
 *
 * References: preferred areas of IEC 60228; American wire gauge by ASTM B258, d = 0.127 mm · 92^((36 − n)/39).
 */
final readonly class ConductorSize
{
    /** Preferred areas in mm², IEC 60228. */
    private const AREAS_MM2 = [0.5, 0.75, 1.0, 1.5, 2.5, 4.0, 6.0, 10.0, 16.0, 25.0, 35.0, 50.0, 70.0, 95.0, 120.0, 150.0, 185.0, 240.0];

    /** Gauges in use in vehicles, thin to thick; 1/0 to 4/0 are the numbers 0 to −3. */
    private const GAUGES = [20, 18, 16, 14, 12, 10, 8, 6, 4, 2, 1, 0, -1, -2, -3];

    /** A cable whose area is so near to a gauge's is that gauge. Chosen. */
    public const SAME_AREA = 0.005;

    private function __construct(public float $areaMm2)
    {
    }

    /**
     * @throws InvalidValue unless the area is above zero
     */
    public static function ofArea(float $areaMm2): self
    {
        return new self(Guard::positive($areaMm2, '/size_mm2'));
    }

    /**
     * @param string $gauge "10", "2/0" …
     *
     * @throws InvalidValue for anything that is not a gauge from 40 to 4/0
     */
    public static function ofGauge(string $gauge): self
    {
        if (preg_match('~^([1-4])/0$~', trim($gauge), $m) === 1) {
            return new self(self::gaugeArea(1 - (int) $m[1]));
        }
        if (preg_match('~^\d{1,2}$~', trim($gauge)) !== 1 || (int) $gauge > 40) {
            throw InvalidValue::at('/gauge', 'gauge');
        }

        return new self(self::gaugeArea((int) $gauge));
    }

    /**
     * As a person writes it: "35", "35 mm²", "35mm2", "2 AWG", "1/0".
     *
     * @throws InvalidValue at /size when it is neither
     */
    public static function read(string $text): self
    {
        $text = str_replace(',', '.', trim($text));
        if (preg_match('~^(?:([1-4]/0|\d{1,2})\s*awg|([1-4]/0))$~i', $text, $m) === 1) {
            return self::ofGauge($m[1] !== '' ? $m[1] : $m[2]);
        }
        if (preg_match('~^(\d+(?:\.\d+)?)\s*(?:mm²|mm2|mm)?$~u', $text, $m) !== 1) {
            throw InvalidValue::at('/size', 'size');
        }

        return self::ofArea((float) $m[1]);
    }

    /**
     * Returns what is made, thin to thick, mm²: the preferred areas, or the gauges in use.
     *
     * @return list<float>
     */
    public static function made(bool $gauges): array
    {
        return $gauges ? array_map(self::gaugeArea(...), self::GAUGES) : self::AREAS_MM2;
    }

    /** The name that a technician reads on the reel: "35 mm²". */
    public function metricName(): string
    {
        return rtrim(rtrim(number_format($this->areaMm2, 2, '.', ''), '0'), '.') . ' mm²';
    }

    /** Its gauge, where its area is one's: "2 AWG"; null: it is none. */
    public function gauge(): ?string
    {
        $name = $this->gaugeName();

        return abs(self::ofGauge(substr($name, 0, -4))->areaMm2 - $this->areaMm2) < self::SAME_AREA * $this->areaMm2 ? $name : null;
    }

    /** The nearest gauge by area, on a logarithmic scale: "2 AWG". */
    public function gaugeName(): string
    {
        $best = self::GAUGES[0];
        foreach (self::GAUGES as $number) {
            if (abs(log(self::gaugeArea($number) / $this->areaMm2)) < abs(log(self::gaugeArea($best) / $this->areaMm2))) {
                $best = $number;
            }
        }

        return ($best > 0 ? (string) $best : (1 - $best) . '/0') . ' AWG';
    }

    /** Area in mm² of gauge number $n (ASTM B258). */
    private static function gaugeArea(int $n): float
    {
        $diameterMm = 0.127 * 92 ** ((36 - $n) / 39);

        return M_PI / 4 * $diameterMm ** 2;
    }
}
