<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Quantity\Guard;

/**
 * Do so many equal batteries stand in a bay, upright, with a gap between them and room above for leads and lid?
 *
 * Upright blocks, each turned lengthwise or crosswise, in rows: for every split of the bay's length into lengthwise and crosswise columns
 * the rows are counted, and the best of both ways round is taken. For the few batteries that there are this finds the most that such rows
 * can hold. Reference: two-stage guillotine patterns, as in Jylänki 2010 (from memory).
 */
final readonly class BayFit
{
    /** Room above the terminals for lugs, covers and the lid, mm. Common practice. */
    public const HEADROOM_MM = 25.0;

    /**
     * @param list<array{x: float, y: float, l: float, w: float}> $places of the blocks that fit, seen from above, mm
     * @param ?float                                              $lackHeightMm what is missing in height, or null
     * @param float                                               $gapMm        that is wanted
     * @param ?float                                              $tightMm      the gap that is left where they stand with less; null: they
     *     stand with it, or not at all
     */
    private function __construct(
        public Box $bay,
        public Box $block,
        public int $wanted,
        public int $most,
        public array $places,
        public ?float $lackHeightMm,
        private float $gapMm,
        public ?float $tightMm,
    ) {
    }

    /** @throws \Pebblefell\Exception\InvalidValue */
    public static function of(Box $bay, Box $block, int $wanted, float $gapMm, float $headroomMm = self::HEADROOM_MM): self
    {
        Guard::positive($wanted, '/count');
        $lack = $block->heightMm + $headroomMm - $bay->heightMm;
        $best = self::best($bay, $block, $gapMm);
        $tight = null;
        if ($lack <= 0.0 && count($best) < $wanted && count(self::best($bay, $block, 0.0)) >= $wanted) {
            // They stand, with less air than is wanted: how much is left, by halves.
            [$tight, $much] = [0.0, $gapMm];
            for ($i = 0; $i < 12; ++$i) {
                $middle = ($tight + $much) / 2.0;
                count(self::best($bay, $block, $middle)) >= $wanted ? $tight = $middle : $much = $middle;
            }
            $best = self::best($bay, $block, $tight);
        }
        $most = $lack > 0.0 ? 0 : count($best);

        return new self($bay, $block, $wanted, $most, array_slice($best, 0, $wanted), $lack > 0.0 ? $lack : null, $gapMm, $tight);
    }

    /**
     * The most blocks that stand with a gap, turned either way.
     *
     * @return list<array{x: float, y: float, l: float, w: float}>
     */
    private static function best(Box $bay, Box $block, float $gapMm): array
    {
        $best = [];
        foreach ([false, true] as $turned) {
            $places = self::rows($turned ? $bay->widthMm : $bay->lengthMm, $turned ? $bay->lengthMm : $bay->widthMm, $block, $gapMm);
            if (count($places) > count($best)) {
                $best = $turned ? array_map(
                    static fn(array $p): array => ['x' => $p['y'], 'y' => $p['x'], 'l' => $p['w'], 'w' => $p['l']],
                    $places,
                ) : $places;
            }
        }

        return $best;
    }

    public function gapMm(): float
    {
        return $this->gapMm;
    }

    public function headroomMm(): float
    {
        return self::HEADROOM_MM;
    }

    public function fits(): bool
    {
        return $this->most >= $this->wanted;
    }

    /**
     * The best split of the length into columns of blocks lying lengthwise and columns of blocks lying crosswise.
     *
     * @return list<array{x: float, y: float, l: float, w: float}>
     */
    private static function rows(float $lengthMm, float $widthMm, Box $block, float $gapMm): array
    {
        $best = [];
        $mostLengthwise = (int) floor(($lengthMm - $gapMm) / ($block->lengthMm + $gapMm) + 1e-9);
        for ($lengthwise = 0; $lengthwise <= max(0, $mostLengthwise); ++$lengthwise) {
            $used = $lengthwise * ($block->lengthMm + $gapMm);
            $crosswise = max(0, (int) floor(($lengthMm - $gapMm - $used) / ($block->widthMm + $gapMm) + 1e-9));
            $places = [
                ...self::columns($lengthwise, $gapMm, $block->lengthMm, $block->widthMm, $widthMm, $gapMm),
                ...self::columns($crosswise, $gapMm + $used, $block->widthMm, $block->lengthMm, $widthMm, $gapMm),
            ];
            if (count($places) > count($best)) {
                $best = $places;
            }
        }

        return $best;
    }

    /** @return list<array{x: float, y: float, l: float, w: float}> */
    private static function columns(int $columns, float $fromMm, float $alongMm, float $acrossMm, float $widthMm, float $gapMm): array
    {
        $rows = max(0, (int) floor(($widthMm - $gapMm) / ($acrossMm + $gapMm) + 1e-9));
        $places = [];
        for ($column = 0; $column < $columns; ++$column) {
            for ($row = 0; $row < $rows; ++$row) {
                $places[] = [
                    'x' => $fromMm + $column * ($alongMm + $gapMm),
                    'y' => $gapMm + $row * ($acrossMm + $gapMm),
                    'l' => $alongMm,
                    'w' => $acrossMm,
                ];
            }
        }

        return $places;
    }
}
