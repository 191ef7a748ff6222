<?php

declare(strict_types=1);

namespace Pebblefell\Finding;

/** A quantity in a finding: how it is written is the reader's locale's and region's business. */
final readonly class Amount
{
    /**
     * @param string $unit     metric; '' for a bare number
     * @param ?int   $decimals at most; null: as many as read well
     */
    private function __construct(public float $value, public string $unit, public ?int $decimals)
    {
    }

    public static function of(float $value, string $unit = '', ?int $decimals = null): self
    {
        return new self($value, $unit, $decimals);
    }
}
