<?php

declare(strict_types=1);

namespace Pebblefell\Stage;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Word;

/** Tells what a step wants measured, and within which limits the next may follow. */
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

    /** The limits in words: between, at least, at most, or to be noted. */
    public function within(?float $amps = null): Word
    {
        [$low, $high] = $this->limits($amps);
        $amount = fn(?float $v): Amount|string => $v === null ? '' : Amount::of(round($v, 3), $this->unit);
        $key = match (true) {
            $low !== null && $high !== null => 'between',
            $low !== null => 'least',
            $high !== null => 'most',
            default => 'free',
        };

        return Word::of("steps.limits.$key", ['low' => $amount($low), 'high' => $amount($high)]);
    }

    public function isGood(float $value, ?float $amps = null): bool
    {
        [$low, $high] = $this->limits($amps);

        return ($low === null || $value >= $low) && ($high === null || $value <= $high);
    }
}
