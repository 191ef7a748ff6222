<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Aftercare;

use Pebblefell\Bank\Fade;
use Pebblefell\Drawing\AxisTick;
use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Path;

/** Capacity over the years, drawn: what was measured, the line through it with its doubt, the label, and the end of life. */
final readonly class FadeSketch
{
    /** Years that are drawn at least, and at most. Chosen. */
    private const LEAST_YEARS = 4.0;
    private const MOST_YEARS = 20.0;

    /**
     * @param list<array{x: float, y: float}> $points
     * @param list<AxisTick>                      $percents
     * @param list<AxisTick>                      $years
     */
    private function __construct(
        public Frame $frame,
        public array $points,
        public string $line,
        public string $doubt,
        public float $endY,
        public array $percents,
        public array $years,
    ) {
    }

    /**
     * @param list<array{years: float, ah: float}> $measured years since the first
     */
    public static function of(array $measured, ?Fade $fade, float $labelAh, bool $narrow): self
    {
        $frame = Frame::of($narrow, 220.0, $narrow ? 40.0 : 56.0, 10.0, 10.0, 26.0);
        $last = max([0.0, ...array_column($measured, 'years')]);
        $span = min(self::MOST_YEARS, max(self::LEAST_YEARS, $last + 1.0, $last + 1.2 * (float) $fade?->endYears));
        $share = array_map(static fn(array $m): float => $m['ah'] / $labelAh, $measured);
        [$x, $y] = [$frame->across(0.0, $span), $frame->up(min([0.7, ...$share]), max([1.1, ...$share]))];
        $at = static fn(float $years, float $ah): array => [$x->at($years), $y->at(max(0.0, $ah / $labelAh))];
        $line = $doubt = '';
        if ($fade !== null) {
            $fall = static fn(float $years, float $perYear): float => $fade->nowAh + $perYear * ($years - $last);
            $line = Path::line([$at(0.0, $fall(0.0, $fade->perYearAh)), $at($span, $fall($span, $fade->perYearAh))]);
            $steep = $fade->perYearAh - 2.0 * $fade->sigmaPerYearAh;
            $flat = min(0.0, $fade->perYearAh + 2.0 * $fade->sigmaPerYearAh);
            $doubt = Path::line(
                [$at($last, $fade->nowAh), $at($span, $fall($span, $steep)), $at($span, $fall($span, $flat)), $at($last, $fade->nowAh)],
            ) . 'Z';
        }

        return new self(
            $frame,
            array_map(static fn(array $m): array => ['x' => $x->at($m['years']), 'y' => $y->at($m['ah'] / $labelAh)], $measured),
            $line,
            $doubt,
            $y->at(Fade::END),
            $y->ticksAt([0.7, 0.8, 0.9, 1.0, 1.1], 1),
            $x->ticksAt(array_map(floatval(...), range(0, (int) $span, $span > 8.0 ? 2 : 1))),
        );
    }
}
