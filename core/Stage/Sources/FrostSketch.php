<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources;

use Pebblefell\Drawing\AxisTick;
use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Path;

/** The morning after the coldest night, drawn: cold outside and at the battery hour by hour, its limit, and the sun beneath. */
final readonly class FrostSketch
{
    /** Px of the strongest hour's sun. Chosen. */
    private const SUN = 44.0;

    /**
     * @param list<array{h: int, x: float, width: float, top: float, height: float, blocked: bool}> $bars    sun by hour
     * @param list<AxisTick>                                                                            $degrees °C
     * @param list<AxisTick>                                                                            $hours
     */
    private function __construct(
        public Frame $frame,
        public string $outside,
        public string $battery,
        public float $limit,
        public float $sunFloor,
        public array $bars,
        public array $degrees,
        public array $hours,
    ) {
    }

    public static function of(FrostMorning $morning, bool $narrow): self
    {
        $frame = Frame::of($narrow, 250.0, $narrow ? 42.0 : 56.0, 10.0, $narrow ? 4.0 : 20.0, 84.0);
        $degrees = [...array_column($morning->hours, 'outsideC'), ...array_column($morning->hours, 'batteryC'), $morning->floorC];
        [$low, $high] = [floor(min($degrees) / 5.0) * 5.0, max(ceil(max($degrees) / 5.0) * 5.0, $morning->floorC + 5.0)];
        [$x, $y] = [$frame->across(0.0, 24.0), $frame->up($low, $high)];
        $curve = static fn(callable $of): string => Path::line(array_map(
            static fn(array $h): array => [$x->at($h['h'] + 0.5), $y->at($of($h))],
            $morning->hours,
        ));
        $sunFloor = $frame->height - 22.0;
        $most = max([1.0, ...array_column($morning->hours, 'sunW')]);
        $bars = [];
        foreach ($morning->hours as $hour) {
            $height = round($hour['sunW'] / $most * self::SUN, 1);
            $bars[] = [
                'h' => $hour['h'],
                'x' => $x->at($hour['h'] + 0.1),
                'width' => $x->length(0.8),
                'top' => $sunFloor - $height,
                'height' => $height,
                'blocked' => $hour['blocked'],
            ];
        }

        return new self(
            $frame,
            $curve(static fn(array $h): float => $h['outsideC']),
            $curve(static fn(array $h): float => $h['batteryC']),
            $y->at($morning->floorC),
            $sunFloor,
            $bars,
            $y->ticksAt(array_map(floatval(...), range($low, $high, $high - $low > 25.0 ? 10.0 : 5.0))),
            $x->ticksAt([0, 4, 8, 12, 16, 20, 24]),
        );
    }
}
