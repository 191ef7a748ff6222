<?php

declare(strict_types=1);

namespace Pebblefell\Sizing;

use Pebblefell\Bank\BankNeed;
use Pebblefell\Bank\BayFit;
use Pebblefell\Bank\Box;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\System\Place;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\System;

/** The old bank beside the planned one, against the wish. */
final readonly class BankSizing
{
    private function __construct(public BankCase $found, public BankCase $planned, public Figure $need, public Figure $celsius, private ?Box $bay)
    {
    }

    public static function of(System $system, LoadSizing $loads): self
    {
        $celsius = self::coldest($system);
        $energy = $loads->energy();
        $current = new Figure('mean current', $loads->budget->meanA(), 'A', 'Ah a day ÷ 24 h', [Figure::given('Ah a day', round($loads->budget->energyAhDay(), 1), 'Ah', Origin::Computed)]);

        return new self(
            BankCase::of($system->found()->houseBatteries(), $system->vehicle->systemV, $energy, $current, $celsius),
            BankCase::of($system->planned()->houseBatteries(), $system->vehicle->systemV, $energy, $current, $celsius),
            self::need($system, $energy, $celsius),
            $celsius,
            $system->vehicle->bay,
        );
    }

    /** kg that the planned bank is lighter than the found one. */
    public function savedKg(): Figure
    {
        $found = $this->found->bank?->massKg() ?? 0.0;
        $planned = $this->planned->bank?->massKg() ?? 0.0;

        return new Figure('Weight saved', $found - $planned, 'kg', 'found bank − planned bank', [
            Figure::given('found', $found, 'kg', Origin::DataSheet),
            Figure::given('planned', $planned, 'kg', Origin::DataSheet),
        ]);
    }

    /** Litres of space that the planned bank needs less. */
    public function savedL(): Figure
    {
        $found = $this->found->bank?->volumeL() ?? 0.0;
        $planned = $this->planned->bank?->volumeL() ?? 0.0;

        return new Figure('Space saved', $found - $planned, 'l', 'found bank − planned bank, outer sizes', [
            Figure::given('found', round($found, 1), 'l', Origin::DataSheet),
            Figure::given('planned', round($planned, 1), 'l', Origin::DataSheet),
        ]);
    }

    /** How a bank's batteries stand in the bay; null while the bay or the batteries are not measured. */
    public function bayFit(BankCase $case): ?BayFit
    {
        $box = isset($case->parts[0]) ? self::box($case->parts[0]->data) : null;

        return $this->bay === null || $box === null ? null : BayFit::of($this->bay, $box, count($case->parts));
    }

    /** Outer size by a data sheet; null while a line of it is missing. */
    public static function box(DataSheet $sheet): ?Box
    {
        [$l, $w, $h] = [$sheet->number('length_mm'), $sheet->number('width_mm'), $sheet->number('height_mm')];

        return $l === null || $w === null || $h === null ? null : Box::of($l, $w, $h);
    }

    /** How many of a battery with $usableWh each meet the wish, in whole strings of $series. */
    public function countFor(float $usableWhEach, int $series): int
    {
        $need = $this->need->inputs[0]->value * $this->need->inputs[1]->value;

        return $usableWhEach <= 0.0 ? 0 : max(1, (int) ceil($need / ($usableWhEach * $series) - 1e-9)) * $series;
    }

    private static function need(System $system, Figure $energy, Figure $celsius): Figure
    {
        $usable = $system->target->usableShare() * 100;
        $cold = $system->target->temperatureFactor($celsius->value);
        $need = BankNeed::of($energy->value, $system->travel->wishDays, $usable, $cold, $system->vehicle->systemV);

        return new Figure('Bank for the wish', $need->capacityWh, 'Wh', 'energy a day × days ÷ usable share ÷ cold factor', [
            $energy,
            Figure::given('days wished', $system->travel->wishDays, 'days'),
            Figure::given('usable share, ' . $system->target->label(), $usable, '%', Origin::Assumed, 'common practice'),
            new Figure('cold factor', round($cold, 3), '', 'capacity left at the coldest battery temperature', [$celsius], 'common practice'),
        ], 'common practice');
    }

    /** Coldest battery temperature on the road: as typed, else the coldest night of the travelled months. */
    private static function coldest(System $system): Figure
    {
        if ($system->travel->coldestBatteryC !== null) {
            return Figure::given('coldest battery temperature', $system->travel->coldestBatteryC, '°C', Origin::Typed);
        }
        if ($system->place === null || $system->travel->months === []) {
            return Figure::given('coldest battery temperature', $system->target === Chemistry::Lfp ? 10.0 : 15.0, '°C', Origin::Assumed, 'assumed: bay inside a lived-in vehicle');
        }
        $place = $system->place;
        $nights = array_map(static fn(int $m): float => $place->minCOf($m), $system->travel->months);

        return new Figure('coldest battery temperature', min($nights), '°C', 'lowest mean night minimum of the travelled months: the bay is taken as unheated', [
            Figure::given($place->name, min($nights), '°C', $place->minC === [] ? Origin::Assumed : Origin::Typed),
        ], $place->minC === [] ? sprintf('assumed %.0f °C: no temperatures entered for the place', Place::ASSUMED_MIN_C) : 'the place’s monthly temperatures');
    }
}
