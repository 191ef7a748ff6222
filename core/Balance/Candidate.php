<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

/** A battery at the gate: what is known of it now. */
final readonly class Candidate
{
    /**
     * @param list<BatteryReading> $readings oldest first
     * @param float $sinceS when its step began
     */
    public function __construct(
        public Subject $subject,
        public string $name,
        public BalanceStep $step,
        public array $readings,
        public float $sinceS,
    ) {
    }

    public function last(): ?BatteryReading
    {
        return $this->readings[count($this->readings) - 1] ?? null;
    }
}
