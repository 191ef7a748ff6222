<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

use Pebblefell\Quantity\DayHours;
use Pebblefell\Quantity\Guard;

/** Mains from a post or a generator, within its input limit: first what is passed through to the outlets, then the charger. */
final readonly class MainsSource
{
    private function __construct(
        public float $inputW,
        public float $chargerA,
        public float $efficiencyPct,
        public DayHours $hours,
        public bool $supports,
        public float $besideSunA,
    ) {
    }

    /**
     * @param float    $inputW   that post, breaker or generator gives
     * @param float    $chargerA DC output of the charger
     * @param DayHours $hours    of a day on which there is mains
     * @param bool     $supports an inverter-charger that tops up from the bank when the outlets want more than the input gives
     * @param ?float   $besideSunA of the charger's output, what is left while the sun charges: inputs of one box may exclude one another;
     *     null: all
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(
        float $inputW,
        float $chargerA,
        DayHours $hours,
        float $efficiencyPct = 90.0,
        bool $supports = false,
        ?float $besideSunA = null,
    ): self {
        Guard::positive($efficiencyPct, '/efficiency_pct');

        return new self(
            Guard::notNegative($inputW, '/input_w'),
            Guard::notNegative($chargerA, '/charger_a'),
            Guard::between($efficiencyPct, 1.0, 100.0, '/efficiency_pct'),
            $hours,
            $supports,
            Guard::between($besideSunA ?? $chargerA, 0.0, $chargerA, '/charger_a'),
        );
    }

    /**
     * How the input is shared: the outlets first, the charger with what is left.
     *
     * @param float $acW   wanted at the outlets
     * @param float $volts of the bank
     * @param bool  $sun   the sun charges meanwhile
     *
     * @return array{float, float, float, float} W passed through, left for the inverter to top up, not to be had, and DC for the bank
     */
    public function pass(float $acW, float $volts, bool $sun = false): array
    {
        $passed = min($acW, $this->inputW);
        $left = $acW - $passed;

        return [
            $passed,
            $this->supports ? $left : 0.0,
            $this->supports ? 0.0 : $left,
            min(($this->inputW - $passed) * $this->efficiencyPct / 100.0, ($sun ? $this->besideSunA : $this->chargerA) * $volts),
        ];
    }
}
