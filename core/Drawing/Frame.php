<?php

declare(strict_types=1);

namespace Pebblefell\Drawing;

/**
 * The sheet that a chart is drawn on, and the box within it in which the curves run. One unit is one CSS pixel at the width it is made for:
 * there is a wide one for a desk and a narrow one for a phone, so that letters stay readable on both.
 */
final readonly class Frame
{
    /** Width of a desk's column and of a phone's. */
    public const WIDE = 916.0;
    public const NARROW = 358.0;

    private function __construct(
        public float $width,
        public float $height,
        public float $left,
        public float $top,
        public float $right,
        public float $bottom,
    ) {
    }

    /**
     * @param float $left   room for what stands left of the box; top, right, bottom likewise
     * @param float $height of the whole sheet
     */
    public static function of(
        bool $narrow,
        float $height,
        float $left = 56.0,
        float $top = 10.0,
        float $right = 20.0,
        float $bottom = 28.0,
    ): self {
        $width = $narrow ? self::NARROW : self::WIDE;

        return new self($width, $height, $left, $top, $width - $right, $height - $bottom);
    }

    public function isNarrow(): bool
    {
        return $this->width <= self::NARROW;
    }

    /** Across the box, from $low at its left to $high at its right. */
    public function across(float $low, float $high): Scale
    {
        return Scale::of($low, $high, $this->left, $this->right);
    }

    /** Up the box, from $low at its foot to $high at its top. */
    public function up(float $low, float $high): Scale
    {
        return Scale::of($low, $high, $this->bottom, $this->top);
    }

    public function viewBox(): string
    {
        return '0 0 ' . Path::number($this->width) . ' ' . Path::number($this->height);
    }

    public function boxWidth(): float
    {
        return $this->right - $this->left;
    }

    public function boxHeight(): float
    {
        return $this->bottom - $this->top;
    }
}
