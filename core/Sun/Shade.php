<?php

declare(strict_types=1);

namespace Pebblefell\Sun;

use Pebblefell\Quantity\Guard;
use Pebblefell\Quantity\HourSpan;

/**
 * Shade by hour in solar time: in each span, the share of the light that still arrives (0 all dark, 1 no shade).
 * Where spans overlap, their factors multiply. It takes direct and diffuse light alike, as trees and walls do.
 */
final readonly class Shade
{
    /**
     * @param list<array{HourSpan, float}> $spans
     */
    private function __construct(private array $spans)
    {
    }

    /**
     * @param list<array{HourSpan, float}> $spans span and factor 0 to 1
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(array $spans): self
    {
        foreach ($spans as $i => [, $factor]) {
            Guard::between($factor, 0.0, 1.0, "/shade/$i/factor");
        }

        return new self($spans);
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** Mean factor over the stretch from $fromH to $toH, solar time. */
    public function factor(float $fromH, float $toH): float
    {
        $factor = 1.0;
        foreach ($this->spans as [$span, $f]) {
            $factor *= 1.0 - (1.0 - $f) * $span->overlapH($fromH, $toH) / ($toH - $fromH);
        }

        return $factor;
    }
}
