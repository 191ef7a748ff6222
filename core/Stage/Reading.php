<?php

declare(strict_types=1);

namespace Pebblefell\Stage;

/** What a step wants measured, and within which limits the next may follow. */
final readonly class Reading
{
    /**
     * @param string $quantity a key of System\Measurement::QUANTITIES
     * @param ?float $low      at least; null: no limit
     * @param ?float $high     at most; null: no limit
     * @param ?float $lowPerA  the limits grow by so much with each ampere that flows meanwhile, which is then noted too
     * @param ?float $highPerA
     */
    public function __construct(
        public string $quantity,
        public string $unit,
        public ?float $low = null,
        public ?float $high = null,
        public ?float $lowPerA = null,
        public ?float $highPerA = null,
    ) {
    }

    /** The next steps stay closed until it is measured and good. */
    public function isGate(): bool
    {
        return $this->low !== null || $this->high !== null;
    }

    public function wantsAmps(): bool
    {
        return $this->lowPerA !== null || $this->highPerA !== null;
    }

    /**
     * The limits while a current flows.
     *
     * @return array{?float, ?float}
     */
    public function limits(?float $amps = null): array
    {
        return [
            $this->low === null ? null : $this->low + (float) $this->lowPerA * (float) $amps,
            $this->high === null ? null : $this->high + (float) $this->highPerA * (float) $amps,
        ];
    }

    public function isGood(float $value, ?float $amps = null): bool
    {
        [$low, $high] = $this->limits($amps);

        return ($low === null || $value >= $low) && ($high === null || $value <= $high);
    }
}
