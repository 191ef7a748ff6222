<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;

/** House batteries joined in series strings, the strings in parallel. */
final readonly class Bank
{
    /** So near to the system's volts blocks in series come. Chosen: 12.8 is 12. */
    private const NEAR_SHARE = 0.07;

    /**
     * @param non-empty-list<Battery> $batteries
     */
    private function __construct(public array $batteries, public float $systemV, public int $series, public int $parallel)
    {
    }

    /**
     * The usual arrangement for a system voltage: so many blocks in series that they make it, the rest in parallel.
     *
     * @param list<Battery> $batteries
     *
     * @throws InvalidValue when they cannot make the voltage, with what would
     */
    public static function forSystem(array $batteries, float $systemV): self
    {
        if ($batteries === []) {
            throw InvalidValue::at('/batteries', 'needs-battery');
        }
        $blockV = $batteries[0]->nominalV;
        foreach ($batteries as $i => $battery) {
            if (abs($battery->nominalV - $blockV) > 1.0) {
                throw InvalidValue::at("/batteries/$i/nominal_v", 'blocks-differ');
            }
        }
        $series = self::seriesFor($blockV, $systemV);
        // Four bare cells of 3.2 V make 12.8, which the trade calls 12.
        if (abs($series * Chemistry::tradeV($blockV) - $systemV) > self::NEAR_SHARE * $systemV || count($batteries) % $series !== 0) {
            throw InvalidValue::at('/batteries', 'no-bank', [
                'count' => count($batteries), 'block' => Chemistry::tradeV($blockV), 'system' => $systemV, 'series' => $series,
            ]);
        }

        return new self($batteries, $systemV, $series, intdiv(count($batteries), $series));
    }

    /** Blocks of $blockV in series that come closest to a system voltage; at least one. */
    public static function seriesFor(float $blockV, float $systemV): int
    {
        return max(1, (int) round($systemV / Chemistry::tradeV($blockV)));
    }

    /** Ah of the bank as rated, each at its own hour rate: the sum over strings of the weakest block. */
    public function ratedAh(): float
    {
        return $this->sumOfStrings(array_map(static fn(Battery $b): float => $b->capacityAh, $this->batteries));
    }

    /** Ah of the bank as it would be stated at another hour rate. */
    public function ahAtRate(float $rateH): float
    {
        return $this->sumOfStrings(array_map(
            static fn(Battery $b): float => Peukert::of($b->capacityAh, $b->rateH, $b->exponent)->capacityAtRateAh($rateH),
            $this->batteries,
        ));
    }

    public function chemistry(): Chemistry
    {
        return $this->batteries[0]->chemistry;
    }

    /** Nominal volts by cell count: 12.8 V for four LFP cells, 12 V for six lead cells; and multiples. */
    public function nominalV(): float
    {
        $chemistry = $this->chemistry();

        return $this->series * $chemistry->cellsFor($this->batteries[0]->nominalV) * $chemistry->nominalCellV();
    }

    public function cells(): int
    {
        return $this->series * $this->chemistry()->cellsFor($this->batteries[0]->nominalV);
    }

    /**
     * Ah until empty at a steady bank current in A and a battery temperature in °C; strings share the current evenly.
     */
    public function deliverableAh(float $currentA, float $celsius): float
    {
        return $this->sumOfStrings(array_map(
            fn(Battery $b): float => $b->deliverableAh($currentA / $this->parallel, $celsius),
            $this->batteries,
        ));
    }

    /** Usable share of the bank: the smallest of its batteries', 0 to 1. */
    public function usableShare(): float
    {
        return min(array_map(static fn(Battery $b): float => $b->usableShare, $this->batteries));
    }

    /** Usable Wh of a full bank: deliverable Ah × usable share × nominal volts. */
    public function usableWh(float $currentA, float $celsius): float
    {
        return $this->deliverableAh($currentA, $celsius) * $this->usableShare() * $this->nominalV();
    }

    public function massKg(): float
    {
        return array_sum(array_map(static fn(Battery $b): float => $b->massKg, $this->batteries));
    }

    public function volumeL(): float
    {
        return array_sum(array_map(static fn(Battery $b): float => $b->volumeL, $this->batteries));
    }

    /** Continuous A that the bank gives if all share equally: the weakest block's limit × strings; null when unknown. */
    public function dischargeLimitA(): ?float
    {
        $limits = array_filter(array_map(static fn(Battery $b): ?float => $b->dischargeLimitA, $this->batteries));

        return count($limits) === count($this->batteries) ? min($limits) * $this->parallel : null;
    }

    /**
     * @param non-empty-list<float>|list<float> $perBlock
     */
    private function sumOfStrings(array $perBlock): float
    {
        return array_sum(array_map(
            static fn(array $string): float => min($string),
            array_chunk($perBlock, max(1, $this->series)),
        ));
    }
}
