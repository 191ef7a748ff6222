<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Bank\Bank;
use Pebblefell\Bank\Battery;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Setting\School;

/** A bank, found or planned: what it really gives at this vehicle's current and temperature, and for how many days. */
final readonly class HouseBank
{
    /** Below this a share is a slip of the pen, as on a data sheet. */
    private const LEAST_USABLE = 0.05;

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
     * @param School $school  for what it is charged
     */
    public static function of(
        array $parts,
        float $systemV,
        Figure $energy,
        Figure $current,
        Figure $celsius,
        School $school = School::Everyday,
    ): self {
        if ($parts === []) {
            return new self([], null, null, $energy, $current, $celsius);
        }
        try {
            $batteries = array_map(static fn(Part $p): Battery => self::battery($p, $school), $parts);

            return new self($parts, Bank::forSystem($batteries, $systemV), null, $energy, $current, $celsius);
        } catch (InvalidValue $e) {
            return new self($parts, null, $e, $energy, $current, $celsius);
        }
    }

    /** The battery that a part's data sheet describes; of one that is never charged full the top is not there to use. */
    public static function battery(Part $part, School $school = School::Everyday): Battery
    {
        $d = $part->data;
        $usable = $d->orUsual('usable_pct') - (100.0 - $school->setsOutPct($d->chemistry()));

        return Battery::of(
            $part->uid,
            $d->chemistry(),
            $d->known('nominal_v'),
            $d->known('capacity_ah'),
            $d->number('rate_h'),
            $d->number('peukert'),
            max(self::LEAST_USABLE, $usable / 100.0),
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
                abs($battery->usableShare * 100.0 - $sheet->orUsual('usable_pct')) < 1e-6
                    ? $sheet->figureOrUsual('usable_pct')
                    : Figure::given('usable-below-the-top', round(100.0 * $battery->usableShare, 1), '%', Origin::Computed),
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
