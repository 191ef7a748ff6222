<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/**
 * A roof seen from above: its outline, and what stands on it, as rectangles. mm; x along the vehicle from the front, y across from the
 * left.
 */
final readonly class Roof
{
    /** More than this on one roof nobody notes. */
    private const MOST_THINGS = 30;

    /** So high a hatch or a vent stands where nobody noted it, mm. Assumed. */
    public const USUAL_HIGH_MM = 100.0;

    /**
     * @param list<array{name: string, x: float, y: float, l: float, w: float, h: ?float}> $things hatches, vents, rails; h: how high,
     *     null: not noted
     */
    private function __construct(public float $lengthMm, public float $widthMm, public array $things)
    {
    }

    /**
     * @param list<array{name: string, x: float, y: float, l: float, w: float, h: ?float}> $things
     *
     * @throws InvalidValue
     */
    public static function of(float $lengthMm, float $widthMm, array $things = []): self
    {
        return new self(Guard::positive($lengthMm, '/roof_length_m'), Guard::positive($widthMm, '/roof_width_m'), $things);
    }

    /**
     * As it is typed: "hatch 0.4 x 0.4 at 1.2, 0.6, 0.12 high; rail 2 x 0.05 at 0, 0", in m: length along, width across, where its front
     * left corner lies, and how high it stands.
     *
     * @return list<array{name: string, x: float, y: float, l: float, w: float, h: ?float}>
     *
     * @throws InvalidValue at /roof_things for one that cannot be read
     */
    public static function things(string $text): array
    {
        $things = [];
        foreach (array_filter(
            array_map(trim(...), preg_split('/[;\r\n]+/u', $text) ?: []),
            static fn(string $t): bool => $t !== '',
        ) as $one) {
            $number = '(\d+(?:[.,]\d+)?)';
            if (preg_match(
                "/^(.*?)\\s*$number\\s*(?:m\\s*)?[x×]\\s*$number\\s*(?:m\\s*)?(?:at|@|bei)\\s*$number\\s*(?:m\\s*)?"
                    . "[,\\/ ]\\s*$number(?:\\s*m?[,;]?\\s*$number\\s*(?:m\\s*)?(?:high|hoch))?/iu",
                $one,
                $m,
            ) !== 1) {
                throw InvalidValue::at('/roof_things', 'roof-thing', ['text' => $one]);
            }
            $mm = array_map(static fn(string $n): float => 1000.0 * (float) str_replace(',', '.', $n), array_slice($m, 2, 5));
            $things[] = ['name' => trim($m[1]), 'x' => $mm[2], 'y' => $mm[3], 'l' => $mm[0], 'w' => $mm[1], 'h' => $mm[4] ?? null];
        }

        return array_slice($things, 0, self::MOST_THINGS);
    }

    /**
     * Where a picture of the roof from above lies beneath it, as typed: "-0.1, -0.2, 5.4", in m: its front left corner, and how much of the
     * vehicle's length it is wide.
     *
     * @return array{x: float, y: float, wide: float} mm
     *
     * @throws InvalidValue at /roof_picture for what cannot be read
     */
    public static function picture(string $text): array
    {
        $number = '(-?\d+(?:\.\d+)?)';
        if (preg_match("/^\s*$number\s*m?\s*[,; ]\s*$number\s*m?\s*[,; ]\s*$number\s*m?\s*$/", $text, $m) !== 1 || (float) $m[3] <= 0.1) {
            throw InvalidValue::at('/roof_picture', 'roof-picture', ['text' => $text]);
        }

        return ['x' => 1000.0 * (float) $m[1], 'y' => 1000.0 * (float) $m[2], 'wide' => 1000.0 * (float) $m[3]];
    }

    public function areaM2(): float
    {
        return $this->lengthMm * $this->widthMm / 1e6;
    }
}
