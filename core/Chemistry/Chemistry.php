<?php

declare(strict_types=1);

namespace Pebblefell\Chemistry;

/**
 * The five chemistries of house batteries, with what the trade takes for granted of each.
 *
 * Every figure here is common practice without a published source unless one is named; a battery's own data sheet
 * goes before it wherever there is one.
 */
enum Chemistry: string
{
    case Flooded = 'flooded';
    case Agm = 'agm';
    case Gel = 'gel';
    case LeadCarbon = 'lead_carbon';
    case Lfp = 'lfp';

    /** Years apart that still count as one age. Common practice. */
    public const SAME_AGE_YEARS = 0.5;

    /** As it is written on a label: AGM, LFP. */
    public function short(): string
    {
        return strtoupper(str_replace('_', '-', $this->value));
    }

    public function isLithium(): bool
    {
        return $this === self::Lfp;
    }

    /** Nominal volts of one cell. */
    public function nominalCellV(): float
    {
        return $this->isLithium() ? 3.2 : 2.0;
    }

    /** Volts of a cell that is full and has rested for a day; lead where its sheet is silent. Assumed. */
    public function restedFullCellV(): float
    {
        return match ($this) {
            self::Lfp => 13.25 / 4,
            self::Agm => 12.85 / 6,
            self::Gel => 12.80 / 6,
            self::Flooded => 12.65 / 6,
            self::LeadCarbon => 13.0 / 6,
        };
    }

    /** Cells in series in a block of $nominalV, by its name or by its cells (12 or 12.8 V: six lead cells or four LFP cells). */
    public function cellsFor(float $nominalV): int
    {
        return max(1, (int) round(self::tradeV($nominalV) / ($this->isLithium() ? 3.0 : 2.0)));
    }

    /** 12.8, 25.6 and 51.2 are the trade's 12, 24 and 48. */
    public static function tradeV(float $nominalV): float
    {
        foreach ([2.0, 3.2, 6.0, 12.0, 24.0, 36.0, 48.0] as $standard) {
            if ($nominalV >= $standard * 0.95 && $nominalV <= $standard * 1.1) {
                return $standard;
            }
        }

        return $nominalV;
    }

    /** Share of the rated capacity that is used before recharging, 0 to 1. */
    public function usableShare(): float
    {
        return match ($this) {
            self::Flooded, self::Agm, self::Gel => 0.50,
            self::LeadCarbon => 0.60,
            self::Lfp => 0.95,
        };
    }

    /** Peukert exponent where the data sheet gives none. */
    public function peukertExponent(): float
    {
        return match ($this) {
            self::Flooded => 1.25,
            self::Agm, self::Gel => 1.15,
            self::LeadCarbon => 1.12,
            self::Lfp => 1.03,
        };
    }

    /** Hour rate at which makers state the capacity when the label is silent: 20 h for lead, 5 h for LFP. */
    public function usualRateH(): float
    {
        return $this->isLithium() ? 5.0 : 20.0;
    }

    /** Years apart that batteries of one model may be and still be joined: LFP with care, lead of one age only. Common practice. */
    public function joinsWithinYears(): float
    {
        return $this->isLithium() ? 2.0 : self::SAME_AGE_YEARS;
    }

    /** Years of service after which the capacity has fallen to 80 %. */
    public function serviceYears(): float
    {
        return match ($this) {
            self::Flooded => 4.0,
            self::Agm => 6.0,
            self::Gel => 7.0,
            self::LeadCarbon => 8.0,
            self::Lfp => 12.0,
        };
    }

    /**
     * Share of capacity left after $years: a straight line to 80 % at the end of the service life and on, down to 40 %.
     *
     * Reference: 80 % as end of life follows IEEE 450 practice; the straight line is an assumption.
     */
    public function ageFactor(float $years): float
    {
        return max(0.4, 1.0 - 0.2 * max(0.0, $years) / $this->serviceYears());
    }

    /** Share of capacity that can be drawn at a battery temperature in °C; 1 at 25 °C and above. */
    public function temperatureFactor(float $celsius): float
    {
        if (!$this->isLithium()) {
            return max(0.3, 1.0 - 0.008 * max(0.0, 25.0 - $celsius));
        }

        return match (true) {
            $celsius >= 25.0 => 1.0,
            $celsius >= 0.0 => 0.90 + 0.10 * $celsius / 25.0,
            default => max(0.4, 0.90 + 0.25 * $celsius / 20.0),
        };
    }

    /** Energy out over energy in across a full cycle, 0 to 1. */
    public function cycleEfficiency(): float
    {
        return match ($this) {
            self::Flooded => 0.78,
            self::Agm, self::Gel => 0.82,
            self::LeadCarbon => 0.85,
            self::Lfp => 0.95,
        };
    }

    /** Coldest battery temperature in °C at which it may be charged. */
    public function chargeFloorC(): float
    {
        return match ($this) {
            self::Lfp, self::LeadCarbon => 0.0,
            default => -20.0,
        };
    }

    /** Absorption volts a cell where the data sheet gives none. */
    public function absorptionCellV(): float
    {
        return match ($this) {
            self::Flooded => 2.42,
            self::Agm => 2.40,
            self::Gel => 2.35,
            self::LeadCarbon => 2.375,
            self::Lfp => 3.55,
        };
    }

    /** Float volts a cell where the data sheet gives none. */
    public function floatCellV(): float
    {
        return match ($this) {
            self::Flooded => 2.25,
            self::Agm, self::Gel, self::LeadCarbon => 2.27,
            self::Lfp => 3.375,
        };
    }

    /** Volts a cell that no charger may pass, equalising included. */
    public function ceilingCellV(): float
    {
        return match ($this) {
            self::Flooded => 2.70,
            self::Agm, self::LeadCarbon => 2.45,
            self::Gel => 2.40,
            self::Lfp => 3.65,
        };
    }

    /** Change of the charge volts with temperature, mV per cell and °C; lithium wants none. */
    public function compensationMvPerCellC(): float
    {
        return match ($this) {
            self::Flooded => -4.0,
            self::Agm, self::Gel, self::LeadCarbon => -2.0,
            self::Lfp => 0.0,
        };
    }

    /** Share of the Ah put in that come out again, 0 to 1. Common practice. */
    public function coulombicEfficiency(): float
    {
        return match ($this) {
            self::Flooded => 0.87,
            self::Agm, self::Gel => 0.92,
            self::LeadCarbon => 0.93,
            self::Lfp => 0.995,
        };
    }

    /**
     * Internal resistance of a cell times its capacity, Ω·Ah at 25 °C, where the data sheet gives none; BMS and joints in. Common practice.
     */
    public function resistanceOhmAh(): float
    {
        return match ($this) {
            self::Flooded, self::Gel => 0.10,
            self::Agm, self::LeadCarbon => 0.08,
            self::Lfp => 0.20,
        };
    }

    /** Growth of the internal resistance per °C below 25 °C, as an exponent. Common practice: LFP about 2.5 × at −20 °C. */
    public function resistanceGrowthPerC(): float
    {
        return $this->isLithium() ? 0.020 : 0.010;
    }

    /**
     * Hours in which the current that a battery still accepts falls to 1/e while it is held at absorption volts.
     * Common practice: lead takes hours over its last fifth, LFP minutes.
     */
    public function acceptanceH(): float
    {
        return match ($this) {
            self::Flooded => 1.2,
            self::Agm, self::Gel => 0.9,
            self::LeadCarbon => 0.6,
            self::Lfp => 0.08,
        };
    }

    /** Share of the charge lost by standing, a day. Common practice: 4 % a month for lead, 2 % for LFP. */
    public function selfDischargePerDay(): float
    {
        return $this->isLithium() ? 0.02 / 30 : 0.04 / 30;
    }

    /** Coldest battery temperature in °C at which it gives current. */
    public function dischargeFloorC(): float
    {
        return $this->isLithium() ? -18.0 : -30.0;
    }

    /** Rested volts a cell by charge. Common practice, no source. */
    public function restCurve(): RestCurve
    {
        return new RestCurve(match ($this) {
            self::Flooded => [[0.0, 1.94], [50.0, 12.1 / 6], [60.0, 12.25 / 6], [100.0, 12.7 / 6]],
            self::Agm => [[0.0, 1.93], [50.0, 12.2 / 6], [100.0, 13.0 / 6]],
            self::Gel => [[0.0, 1.94], [50.0, 12.25 / 6], [100.0, 12.9 / 6]],
            self::LeadCarbon => [[0.0, 1.92], [50.0, 12.3 / 6], [100.0, 13.0 / 6]],
            self::Lfp => [
                [0.0, 2.50],
                [9.5, 3.00],
                [20.0, 3.20],
                [30.0, 3.22],
                [40.0, 3.25],
                [70.0, 3.30],
                [90.0, 3.32],
                [99.0, 3.35],
                [100.0, 3.40],
            ],
        });
    }

    /**
     * The least volts a cell may be drawn down to. LFP: cut-off of the cell; lead: 1.75 V, end of the capacity test of IEC 60896 (from
     * memory).
     */
    public function lowestCellV(): float
    {
        return $this->isLithium() ? 2.5 : 1.75;
    }
}
