<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Bank\BayFit;
use Pebblefell\Drawing\Frame;

/** The battery bay to scale, from above and from its end. */
final readonly class BaySketch
{
    /** Px between the two views, and above them for a word. Chosen. */
    private const BETWEEN = 40.0;
    private const HEAD = 22.0;

    /**
     * @param array{x: float, y: float, width: float, height: float}                   $above the bay seen from above
     * @param list<array{x: float, y: float, width: float, height: float}>             $blocks in it
     * @param array{x: float, y: float, width: float, height: float}                   $end the bay seen from its end
     * @param list<array{x: float, y: float, width: float, height: float}>             $blocksAtEnd
     */
    private function __construct(
        public float $width,
        public float $height,
        public array $above,
        public array $blocks,
        public array $end,
        public array $blocksAtEnd,
    ) {
    }

    public static function of(BayFit $fit, bool $narrow): self
    {
        $bay = $fit->bay;
        $width = $narrow ? Frame::NARROW : Frame::WIDE;
        // Beside one another on a desk, one under the other on a phone.
        $scale = $narrow ? min(($width - 4.0) / $bay->lengthMm, 210.0 / $bay->widthMm) : min(520.0 / $bay->lengthMm, 210.0 / $bay->widthMm);
        $above = [
            'x' => 1.0,
            'y' => self::HEAD,
            'width' => round($bay->lengthMm * $scale, 1),
            'height' => round($bay->widthMm * $scale, 1),
        ];
        $tall = min(210.0 / max($bay->heightMm, $fit->block->heightMm), ($narrow ? $width - 4.0 : 300.0) / $bay->widthMm);
        $end = [
            'x' => $narrow ? 1.0 : $above['x'] + $above['width'] + self::BETWEEN,
            'y' => $narrow ? $above['y'] + $above['height'] + self::BETWEEN : self::HEAD,
            'width' => round($bay->widthMm * $tall, 1),
            'height' => round($bay->heightMm * $tall, 1),
        ];
        $rows = [];
        foreach ($fit->places as $p) {
            $rows[(string) $p['y']] = $p;
        }
        $height = max($above['y'] + $above['height'], $end['y'] + max($end['height'], $fit->block->heightMm * $tall));

        return new self(
            $width,
            round($height + 12.0),
            $above,
            array_map(
                static fn(array $p): array => [
                    'x' => round($above['x'] + $p['x'] * $scale, 1),
                    'y' => round($above['y'] + $p['y'] * $scale, 1),
                    'width' => round($p['l'] * $scale, 1),
                    'height' => round($p['w'] * $scale, 1),
                ],
                $fit->places,
            ),
            $end,
            array_map(
                static fn(array $p): array => [
                    'x' => round($end['x'] + $p['y'] * $tall, 1),
                    'y' => round($end['y'] + ($bay->heightMm - $fit->block->heightMm) * $tall, 1),
                    'width' => round($p['w'] * $tall, 1),
                    'height' => round($fit->block->heightMm * $tall, 1),
                ],
                array_values($rows),
            ),
        );
    }
}
