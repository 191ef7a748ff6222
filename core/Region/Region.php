<?php

declare(strict_types=1);

namespace Pebblefell\Region;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Word;

/**
 * Where a vehicle lives: mains volts, hook-up sizes, units shown, names of the local rules, caution texts.
 *
 * The names of standards are given from memory as a pointer for the reader; the licensed person decides which edition applies.
 */
enum Region: string
{
    case Europe = 'europe';
    case UnitedKingdom = 'united_kingdom';
    case AustraliaNewZealand = 'australia_new_zealand';
    case NorthAmerica = 'north_america';

    public function mainsV(): float
    {
        return $this === self::NorthAmerica ? 120.0 : 230.0;
    }

    /**
     * @return non-empty-list<float> breaker sizes in A of the usual hook-ups, small to large
     */
    public function hookUpsA(): array
    {
        return match ($this) {
            self::Europe => [6.0, 10.0, 16.0],
            self::UnitedKingdom => [10.0, 16.0],
            self::AustraliaNewZealand => [10.0, 15.0],
            self::NorthAmerica => [15.0, 20.0, 30.0, 50.0],
        };
    }

    /**
     * Volts over which a post gives its amps: a 50 A post in North America has two legs of 120 V, 12 kW. NFPA 70 article 551 (from memory).
     */
    public function postV(float $amps): float
    {
        return $this === self::NorthAmerica && $amps >= 50.0 ? 2.0 * $this->mainsV() : $this->mainsV();
    }

    public function units(): Units
    {
        return $this === self::NorthAmerica ? Units::UsCustomary : Units::Metric;
    }

    /** Whether conductors are sold, and named, by gauge. */
    public function usesGauges(): bool
    {
        return $this->units() !== Units::Metric;
    }

    /** Said wherever mains is touched. */
    public function mainsCaution(): Word
    {
        return Word::of(
            'cautions.mains',
            ['volts' => Amount::of($this->mainsV(), 'V'), 'rule' => Word::of("regions.$this->value.mains_rule")],
        );
    }

    /** Said where a bank is planned or touched. */
    public function bankCaution(): Word
    {
        $outside = $this === self::AustraliaNewZealand;

        return Word::of('cautions.bank', [
            'local' => Word::of(
                $outside ? 'cautions.local-outside' : 'cautions.local',
                ['rule' => Word::of("regions.$this->value.low_voltage_rule")],
            ),
        ]);
    }

    /** Said where panels are planned or touched. */
    public function solarCaution(): Word
    {
        return Word::of('cautions.solar');
    }
}
