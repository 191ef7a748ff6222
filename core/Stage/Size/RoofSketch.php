<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Drawing\Frame;
use Pebblefell\System\Part;

/** The roof from above, to scale: front at the left, on a phone at the top. */
final readonly class RoofSketch
{
    /** Px kept around it. Chosen. */
    private const AROUND = 16.0;

    /** No taller than this on a desk, px. Chosen. */
    private const MOST_HIGH = 300.0;

    /**
     * @param array{x: float, y: float, width: float, height: float}                                                     $roof
     * @param list<array{name: string, x: float, y: float, width: float, height: float}>                                  $things
     * @param list<array{part: Part, x: float, y: float, width: float, height: float, fixed: bool, clash: bool, number: int}> $panels
     * @param float                                                                                                        $scale  px a mm
     */
    private function __construct(
        public float $width,
        public float $height,
        public bool $upright,
        public float $scale,
        public array $roof,
        public array $things,
        public array $panels,
    ) {
    }

    public static function of(RoofPlan $plan, bool $narrow): self
    {
        $roof = $plan->roof;
        $room = ($narrow ? Frame::NARROW : Frame::WIDE) - 2.0 * self::AROUND;
        $scale = $narrow ? min(
            $room / $roof->widthMm,
            620.0 / $roof->lengthMm,
        ) : min($room / $roof->lengthMm, self::MOST_HIGH / $roof->widthMm);
        // Front up on a phone: along becomes down.
        $place = static fn(array $r): array => $narrow
            ? [
                'x' => round(self::AROUND + $r['y'] * $scale, 1),
                'y' => round(self::AROUND + $r['x'] * $scale, 1),
                'width' => round($r['w'] * $scale, 1),
                'height' => round($r['l'] * $scale, 1),
            ]
            : [
                'x' => round(self::AROUND + $r['x'] * $scale, 1),
                'y' => round(self::AROUND + $r['y'] * $scale, 1),
                'width' => round($r['l'] * $scale, 1),
                'height' => round($r['w'] * $scale, 1),
            ];
        $whole = $place(['x' => 0.0, 'y' => 0.0, 'l' => $roof->lengthMm, 'w' => $roof->widthMm]);
        $panels = [];
        foreach ($plan->panels as $i => $p) {
            $panels[] = ['part' => $p['part'], ...$place($p), 'fixed' => $p['fixed'], 'clash' => $p['clash'], 'number' => $i + 1];
        }

        return new self(
            $whole['width'] + 2.0 * self::AROUND,
            $whole['height'] + 2.0 * self::AROUND,
            $narrow,
            $scale,
            $whole,
            array_map(static fn(array $t): array => ['name' => $t['name'], ...$place($t)], $roof->things),
            $panels,
        );
    }
}
