<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Drawing\AxisTick;
use Pebblefell\Drawing\Frame;

/** The vehicle as a beam on its axles: what comes in presses down, what goes out lifts, each where it sits. */
final readonly class AxleSketch
{
    /** Px of the heaviest. Chosen. */
    private const MOST = 70.0;

    /**
     * @param list<array{kg: float, x: float, top: float, height: float}> $masses
     * @param list<AxisTick>                                                              $metres
     */
    private function __construct(
        public Frame $frame,
        public float $beam,
        public float $front,
        public float $rear,
        public array $masses,
        public array $metres,
    ) {
    }

    public static function of(Axles $axles, bool $narrow): self
    {
        $frame = Frame::of($narrow, 220.0, 20.0, 16.0, 20.0, 60.0);
        $all = [0.0, $axles->baseM, ...array_column($axles->moves, 'x')];
        $x = $frame->across(min($all) - 0.3, max($all) + 0.3);
        $beam = 110.0;
        // What sits at one place is one bar up and one down.
        $bars = [];
        foreach ($axles->moves as $move) {
            $key = round($move['x'], 1) . ($move['kg'] > 0.0 ? '+' : '-');
            $bars[$key] = ['x' => $move['x'], 'kg' => $move['kg'] + ($bars[$key]['kg'] ?? 0.0)];
        }
        $most = max([1.0, ...array_map(static fn(array $b): float => abs($b['kg']), array_values($bars))]);
        $masses = [];
        foreach ($bars as $bar) {
            $height = round(abs($bar['kg']) / $most * self::MOST, 1);
            $masses[] = [
                'kg' => $bar['kg'],
                'x' => $x->at($bar['x']),
                'top' => $bar['kg'] > 0.0 ? $beam - $height : $beam,
                'height' => $height,
            ];
        }

        return new self(
            $frame,
            $beam,
            $x->at(0.0),
            $x->at($axles->baseM),
            $masses,
            $x->ticksAt(array_map(floatval(...), range(0, (int) floor(max($all) + 0.3)))),
        );
    }
}
