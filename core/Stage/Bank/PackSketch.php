<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank;

use Pebblefell\Bank\CellPack;
use Pebblefell\Drawing\Frame;

/** Volts of each group of a self-built pack when the first of them reaches its limit. */
final readonly class PackSketch
{
    /** The bars begin here, V: below it nothing differs. Chosen. */
    private const FROM_V = 3.2;
    private const TO_V = 3.7;

    /**
     * @param list<array{volts: float, x: float, mid: float, y: float, width: float, height: float, full: bool}> $bars
     */
    private function __construct(public Frame $frame, public array $bars)
    {
    }

    public static function of(CellPack $pack, bool $narrow): self
    {
        $frame = Frame::of($narrow, 130.0, $narrow ? 2.0 : 28.0, 12.0, $narrow ? 2.0 : 28.0, 30.0);
        $x = $frame->across(0.0, (float) count($pack->cellV));
        $y = $frame->up(self::FROM_V, self::TO_V);
        $bars = [];
        foreach ($pack->cellV as $i => $volts) {
            $top = min($frame->bottom - 2.0, $y->at($volts));
            $bars[] = [
                'volts' => $volts,
                'x' => $x->at($i + 0.15),
                'mid' => $x->at($i + 0.5),
                'y' => $top,
                'width' => $x->length(0.7),
                'height' => round($frame->bottom - $top, 1),
                'full' => $volts >= CellPack::CELL_LIMIT_V - 0.001,
            ];
        }

        return new self($frame, $bars);
    }
}
