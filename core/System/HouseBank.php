<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Bank\Bank;
use Pebblefell\Bank\Battery;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;

/** A bank, found or planned: what it really gives at this vehicle's current and temperature, and for how many days. */
final readonly class HouseBank
{
    /**
     * @param ?InvalidValue $problem why the batteries do not make a bank, or null
     * @param list<Part> $parts
     */
    private function __construct(
        public array $parts,
        public ?Bank $bank,
        public ?InvalidValue $problem,
        private Figure $energy,
        private Figure $current,
        private Figure $celsius,
    ) {
    }

    /**
     * @param list<Part> $parts   house batteries
     * @param Figure $energy Wh a day at the battery
     * @param Figure     $current mean A
     * @param Figure $celsius coldest battery temperature
     */
    public static function of(array $parts, float $systemV, Figure $energy, Figure $current, Figure $celsius): self
    {
        if ($parts === []) {
            return new self([], null, null, $energy, $current, $celsius);
        }
        try {
            return new self($parts, Bank::forSystem(array_map(self::battery(...), $parts), $systemV), null, $energy, $current, $celsius);
        } catch (InvalidValue $e) {
            return new self($parts, null, $e, $energy, $current, $celsius);
        }
    }

    /** The battery that a part's data sheet describes. */
    public static function battery(Part $part): Battery
    {
        $d = $part->data;

        return Battery::of(
            $part->uid,
            $d->chemistry(),
            $d->known('nominal_v'),
            $d->known('capacity_ah'),
            $d->number('rate_h'),
            $d->number('peukert'),
            ($pct = $d->number('usable_pct')) === null ? null : $pct / 100,
            $d->orUsual('age_years'),
            $d->number('measured_ah'),
            $d->orUsual('mass_kg'),
            $d->volumeL(),
            $d->number('discharge_limit_a'),
        );
    }

    public function exists(): bool
    {
        return $this->bank !== null;
    }

    /** Usable Wh of the full bank. 0 where there is none. */
    public function usable(): Figure
    {
        if ($this->bank === null) {
            return new Figure('usable-energy', 0.0, 'Wh', 'usable-energy-none');
        }
        $battery = $this->bank->batteries[0];
        $sheet = $this->parts[0]->data;

        return new Figure(
            'usable-energy',
            $this->bank->usableWh($this->current->value, $this->celsius->value),
            'Wh',
            'usable-energy',
            [
                Figure::given('rated-capacity-of-the-bank', $this->bank->ratedAh(), 'Ah', Origin::DataSheet),
                $sheet->figureOrUsual('rate_h'),
                $sheet->figureOrUsual('peukert'),
                $this->current,
                self::condition($battery),
                new Figure(
                    'cold-factor',
                    round($battery->chemistry->temperatureFactor($this->celsius->value) * 100, 1),
                    '%',
                    'cold-factor',
                    [$this->celsius],
                    'common-practice',
                ),
                $sheet->figureOrUsual('usable_pct'),
                Figure::given('nominal-volts', $this->bank->nominalV(), 'V', Origin::Computed),
            ],
            'peukert-and-practice',
        );
    }

    private static function condition(Battery $battery): Figure
    {
        $percent = round($battery->conditionFactor() * 100, 1);

        return match (true) {
            $battery->measuredAh !== null => Figure::given('condition-by-capacity-test', $percent, '%', Origin::Measured),
            $battery->ageYears <= 0.0 => Figure::given('condition-new', $percent, '%'),
            default => new Figure('condition-by-age', $percent, '%', 'condition-by-age', [
                Figure::given('age', $battery->ageYears, 'years'),
                Figure::given('service-life', $battery->chemistry->serviceYears(), 'years', Origin::Assumed),
            ], 'end-of-life'),
        };
    }

    /** Days that the full bank lasts with no charge at all; 0 without a bank, infinite without loads. */
    public function days(): Figure
    {
        $usable = $this->usable();
        $days = $this->energy->value > 0.0 ? $usable->value / $this->energy->value : ($usable->value > 0.0 ? INF : 0.0);

        return new Figure(
            'days-without-any-charge',
            $days,
            'days',
            'days-without-any-charge',
            [$usable, $this->energy],
            'first-principles',
        );
    }
}
