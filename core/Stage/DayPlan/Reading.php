<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

/** What a step wants measured, and within which limits the next may follow. */
final readonly class Reading
{
    /**
     * @param string $quantity a key of System\Measurement::QUANTITIES
     * @param ?float $low      at least; null: no limit
     * @param ?float $high     at most; null: no limit
     */
    public function __construct(
        public string $quantity,
        public string $unit,
        public ?float $low = null,
        public ?float $high = null,
    ) {
    }

    /** The next steps stay closed until it is measured and good. */
    public function isGate(): bool
    {
        return $this->low !== null || $this->high !== null;
    }

    public function isGood(float $value): bool
    {
        return ($this->low === null || $value >= $this->low) && ($this->high === null || $value <= $this->high);
    }
}
