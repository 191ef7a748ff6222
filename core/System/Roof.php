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

    /**
     * @param list<array{name: string, x: float, y: float, l: float, w: float}> $things hatches, vents, rails
     */
    private function __construct(public float $lengthMm, public float $widthMm, public array $things)
    {
    }

    /**
     * @param list<array{name: string, x: float, y: float, l: float, w: float}> $things
     *
     * @throws InvalidValue
     */
    public static function of(float $lengthMm, float $widthMm, array $things = []): self
    {
        return new self(Guard::positive($lengthMm, '/roof_length_m'), Guard::positive($widthMm, '/roof_width_m'), $things);
    }

    /**
     * As it is typed: "hatch 0.4 x 0.4 at 1.2, 0.6; rail 2 x 0.05 at 0, 0", in m: length along, width across, then where its front left
     * corner
     * lies.
     *
     * @return list<array{name: string, x: float, y: float, l: float, w: float}>
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
                "/^(.*?)\\s*$number\\s*(?:m\\s*)?[x×]\\s*$number\\s*(?:m\\s*)?(?:at|@|bei)\\s*$number\\s*(?:m\\s*)?[,\\/ ]\\s*$number/iu",
                $one,
                $m,
            ) !== 1) {
                throw InvalidValue::at('/roof_things', 'roof-thing', ['text' => $one]);
            }
            [$l, $w, $x, $y] = array_map(static fn(string $n): float => 1000.0 * (float) str_replace(',', '.', $n), array_slice($m, 2, 4));
            $things[] = ['name' => trim($m[1]), 'x' => $x, 'y' => $y, 'l' => $l, 'w' => $w];
        }

        return array_slice($things, 0, self::MOST_THINGS);
    }

    public function areaM2(): float
    {
        return $this->lengthMm * $this->widthMm / 1e6;
    }
}
