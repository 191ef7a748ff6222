<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey;

use Pebblefell\Bank\Peukert;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\System\HouseBank;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Measurement;
use Pebblefell\System\Part;
use Pebblefell\System\System;

/** Tells what the last rested volts of a battery say about its charge, and how much they can say at all. */
final readonly class Condition
{
    /** Between these charges LFP's rest volts tell almost nothing: less than 2 mV a cell for one per cent. */
    private const FLAT_FROM_PCT = 20.0;
    private const FLAT_TO_PCT = 97.0;

    private function __construct(public Figure $socPct, public bool $isVague, public ?Figure $capacityAtTwentyHours)
    {
    }

    /** @return ?self null for anything but a battery, and without a reading of volts */
    public static function of(System $system, Part $part): ?self
    {
        if (!$part->is(Family::Battery)) {
            return null;
        }
        $volts = null;
        foreach ($system->measurements as $reading) {
            if ($reading->partUid === $part->uid && $reading->quantity === 'volts') {
                $volts = $reading;
            }
        }

        return $volts === null ? null : self::from($part, $part->data->chemistry(), $volts);
    }

    private static function from(Part $part, Chemistry $chemistry, Measurement $reading): self
    {
        $cells = $chemistry->cellsFor($part->data->known('nominal_v'));
        $soc = $chemistry->restCurve()->socPct($reading->value / $cells);
        $battery = HouseBank::battery($part);
        $atTwenty = Peukert::of($battery->capacityAh, $battery->rateH, $battery->exponent)->capacityAtRateAh(20.0);

        return new self(
            new Figure('charge-by-rested-volts', round($soc), '%', 'charge-by-rested-volts', [
                Figure::given('read', $reading->value, 'V', Origin::Measured),
                Figure::given('cells-in-series', $cells, ''),
            ], 'after-rest'),
            $chemistry->isLithium() && $soc > self::FLAT_FROM_PCT && $soc < self::FLAT_TO_PCT,
            $chemistry->isLithium() ? null : new Figure('capacity-at-20-h', $atTwenty, 'Ah', 'capacity-at-20-h', [
                Figure::given('rated', $battery->capacityAh, 'Ah', $part->data->origin('capacity_ah')),
                Figure::given(
                    'at',
                    $battery->rateH,
                    'h',
                    $part->data->number('rate_h') === null ? Origin::Assumed : $part->data->origin('rate_h'),
                ),
                Figure::given(
                    'peukert-exponent',
                    $battery->exponent,
                    '',
                    $part->data->number('peukert') === null ? Origin::Assumed : $part->data->origin('peukert'),
                ),
            ], 'peukert'),
        );
    }
}
