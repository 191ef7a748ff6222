<?php

declare(strict_types=1);

namespace Pebblefell\Region;

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

    public function label(): string
    {
        return match ($this) {
            self::Europe => 'Europe, 230 V',
            self::UnitedKingdom => 'United Kingdom, 230 V',
            self::AustraliaNewZealand => 'Australia and New Zealand, 230 V',
            self::NorthAmerica => 'North America, 120 V',
        };
    }

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

    public function units(): Units
    {
        return $this === self::NorthAmerica ? Units::UsCustomary : Units::Metric;
    }

    /** What the trade there calls the device that opens on leakage to earth. */
    public function earthLeakageWord(): string
    {
        return match ($this) {
            self::Europe => 'RCD',
            self::UnitedKingdom => 'RCD or RCBO',
            self::AustraliaNewZealand => 'RCD (safety switch)',
            self::NorthAmerica => 'GFCI',
        };
    }

    /** Names of the rules to look up. */
    public function mainsRule(): string
    {
        return match ($this) {
            self::Europe => 'IEC/HD 60364-7-721 and the national wiring rules',
            self::UnitedKingdom => 'BS 7671 section 721',
            self::AustraliaNewZealand => 'AS/NZS 3000 and AS/NZS 3001.2',
            self::NorthAmerica => 'NFPA 70 (NEC) article 551, or CSA C22.1 in Canada',
        };
    }

    public function extraLowVoltageRule(): string
    {
        return match ($this) {
            self::Europe => 'EN 1648-1 and -2',
            self::UnitedKingdom => 'BS EN 1648-1 and -2',
            self::AustraliaNewZealand => 'AS/NZS 3001.2',
            self::NorthAmerica => 'NFPA 1192 and ANSI/RVIA LV',
        };
    }

    /** Said wherever mains is touched. */
    public function mainsCaution(): string
    {
        return sprintf(
            'Inverter outlets and hook-up carry %d V. Isolate, prove dead, and leave this work to a licensed person under %s.',
            (int) $this->mainsV(),
            $this->mainsRule(),
        );
    }

    /** Said where a bank is planned or touched. */
    public function bankCaution(): string
    {
        return 'A short across the bank welds spanners and starts fires. Rings and watches off, taped or insulated tools, one terminal at a time, main fuse out first.'
            . match ($this) {
                self::AustraliaNewZealand => ' AS/NZS 3001.2 may ask for lithium batteries outside the living space: check the edition in force before placing them.',
                default => sprintf(' Local rules (%s) have the last word.', $this->extraLowVoltageRule()),
            };
    }

    /** Said where panels are planned or touched. */
    public function solarCaution(): string
    {
        return 'Panels are live whenever there is light: cover or isolate them first, and never open a DC circuit under load with a plug. On a roof, guard against falls.';
    }
}
