<?php

declare(strict_types=1);

namespace Pebblefell\Load;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;
use Pebblefell\Quantity\HourSpan;

/**
 * A trial stay: three readings of the state of charge, on arrival, in the morning and the next afternoon, without hook-up.
 *
 * Ran short? Either the bank could not carry the evening and the night (the morning reading is below the floor), or the day did not put
 * back what they took (the afternoon reading is below the arrival). Each is told with how much and how sure, by the reading's own error.
 * Reference: the trial weekend, common practice; the sums are first principles.
 */
final readonly class TrialStay
{
    /**
     * Holds the share that is worth a line: what remains of the dark hours' use after this share of it is unexplained is worth a line.
     * Chosen.
     */
    private const WORTH_SAYING = 0.10;

    private function __construct(
        public float $nightWh,
        public float $expectedNightWh,
        public float $bankShortWh,
        public float $sunShortWh,
        public float $errorWh,
        public float $nightHours,
    ) {
    }

    /**
     * @param float $capacityWh of the full bank as it is, before the usable share
     * @param float $floorPct   state of charge below which it should not go, 0 to 100
     * @param float $errorPct   of one reading: about 2 for a monitor, 10 for rested volts on lead
     * @param float $arriveH    hour of arrival and of the first reading
     * @param float $morningH   hour of the second
     *
     * @throws InvalidValue
     */
    public static function of(
        Budget $budget,
        float $capacityWh,
        float $floorPct,
        float $errorPct,
        float $arriveH,
        float $arrivePct,
        float $morningH,
        float $morningPct,
        float $afternoonPct,
    ): self {
        Guard::positive($capacityWh, '/capacity_wh');
        Guard::between($floorPct, 0.0, 100.0, '/floor_pct');
        Guard::between($errorPct, 0.0, 50.0, '/error_pct');
        foreach (['/arrive_pct' => $arrivePct, '/morning_pct' => $morningPct, '/afternoon_pct' => $afternoonPct] as $path => $percent) {
            Guard::between($percent, 0.0, 100.0, $path);
        }
        if ($morningPct > $arrivePct) {
            throw InvalidValue::at('/morning_pct', 'above-arrival');
        }
        try {
            $night = HourSpan::of($arriveH, $morningH);
        } catch (InvalidValue) {
            throw InvalidValue::at('/morning_h', 'another-hour');
        }

        return new self(
            ($arrivePct - $morningPct) / 100 * $capacityWh,
            $budget->energyBetweenWh($night),
            max(0.0, $floorPct - $morningPct) / 100 * $capacityWh,
            max(0.0, $arrivePct - $afternoonPct) / 100 * $capacityWh,
            // Two readings make a difference; their errors add in squares.
            sqrt(2.0) * $errorPct / 100 * $capacityWh,
            $night->overlapH(0.0, 24.0),
        );
    }

    public function bankIsShort(): bool
    {
        return $this->bankShortWh > 0.0;
    }

    public function sunIsShort(): bool
    {
        return $this->sunShortWh > 0.0;
    }

    /** A shortage larger than the readings' error is sure, one within it likely. */
    public function isSure(float $shortWh): bool
    {
        return $shortWh > $this->errorWh;
    }

    /** Measured over planned use of the night; infinite when nothing was planned. */
    public function useFactor(): float
    {
        return $this->expectedNightWh > 0.0 ? $this->nightWh / $this->expectedNightWh : ($this->nightWh > 0.0 ? INF : 1.0);
    }

    /** Watts, through the night, that nobody listed; 0 when the difference is within the error or too small to matter. */
    public function unlistedW(): float
    {
        $missing = $this->nightWh - $this->expectedNightWh;

        return $missing > $this->errorWh && $missing > self::WORTH_SAYING * $this->nightWh ? $missing / $this->nightHours : 0.0;
    }
}
