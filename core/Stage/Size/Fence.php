<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Finding\Word;

/** A limit drawn on the endurance map: on one side of the line there is room, weight or money left. */
final readonly class Fence
{
    /**
     * @param string $name roof, bay, payload or money
     * @param float  $atBank  strings where the line meets the axis of no array; infinite for a limit of the array alone
     * @param float  $atArray panels where it meets the axis of no bank; infinite for a limit of the bank alone
     */
    public function __construct(public string $name, public Word $words, public float $atBank, public float $atArray)
    {
    }

    /** Strings and panels together stay inside. */
    public function allows(int $strings, int $panels): bool
    {
        return $this->share($strings, $panels) <= 1.0 + 1e-9;
    }

    /** How much of the limit is used up, 0 to 1 and above. */
    public function share(float $strings, float $panels): float
    {
        return ($strings > 0.0
            ? ($this->atBank > 0.0 ? $strings / $this->atBank : INF)
            : 0.0) + ($panels > 0.0 ? ($this->atArray > 0.0 ? $panels / $this->atArray : INF) : 0.0);
    }
}
