<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Bank\Bank;
use Pebblefell\Bank\BankNeed;
use Pebblefell\Bank\BayFit;
use Pebblefell\Bank\Box;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Word;
use Pebblefell\Study;
use Pebblefell\System\HouseBank;
use Pebblefell\System\Place;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\System;

/** The old bank beside the planned one, against the wish. */
final readonly class BankSizing
{
    private function __construct(
        public HouseBank $found,
        public HouseBank $planned,
        public Figure $need,
        public Figure $celsius,
        private ?Box $bay,
        private Figure $current,
    ) {
    }

    public static function of(Study $study): self
    {
        [$system, $loads] = [$study->system, $study->loads()];
        $celsius = self::coldest($system);
        $energy = $loads->energy();
        $current = new Figure(
            'mean-current',
            $loads->budget->meanA(),
            'A',
            'mean-current',
            [Figure::given('ah-a-day', round($loads->budget->energyAhDay(), 1), 'Ah', Origin::Computed)],
        );

        return new self(
            HouseBank::of($study->found()->houseBatteries(), $system->vehicle->systemV, $energy, $current, $celsius),
            HouseBank::of(
                $study->planned()->houseBatteries(),
                $system->vehicle->systemV,
                $energy,
                $current,
                $celsius,
                $system->travel->school,
            ),
            self::need($system, $energy, $celsius),
            $celsius,
            $system->vehicle->bay,
            $current,
        );
    }

    /** The planned bank if it is lithium: most of what goes wrong in an upgrade goes wrong beside it. */
    public function lithium(): ?Bank
    {
        return $this->planned->bank?->chemistry()->isLithium() === true ? $this->planned->bank : null;
    }

    /** Wh that any bank gives at this vehicle's mean current, as cold as it gets there. */
    public function usableWh(Bank $bank): float
    {
        return $bank->usableWh($this->current->value, $this->celsius->value);
    }

    /** h that the full planned bank runs so many watts at its posts, and nothing else; null without a bank, or without watts. */
    public function runsH(float $watts): ?float
    {
        $bank = $this->planned->bank;

        return $bank === null || $watts <= 0.0 ? null : $bank->usableWh($watts / $bank->nominalV(), $this->celsius->value) / $watts;
    }

    /** kg that the planned bank is lighter than the found one. */
    public function savedKg(): Figure
    {
        $found = $this->found->bank?->massKg() ?? 0.0;
        $planned = $this->planned->bank?->massKg() ?? 0.0;

        return new Figure('weight-saved', $found - $planned, 'kg', 'weight-saved', [
            Figure::given('found', $found, 'kg', Origin::DataSheet),
            Figure::given('planned', $planned, 'kg', Origin::DataSheet),
        ]);
    }

    /** Litres of space that the planned bank needs less. */
    public function savedL(): Figure
    {
        $found = $this->found->bank?->volumeL() ?? 0.0;
        $planned = $this->planned->bank?->volumeL() ?? 0.0;

        return new Figure('space-saved', $found - $planned, 'l', 'space-saved', [
            Figure::given('found', round($found, 1), 'l', Origin::DataSheet),
            Figure::given('planned', round($planned, 1), 'l', Origin::DataSheet),
        ]);
    }

    /**
     * How a bank's batteries stand in the bay; null while the bay or the batteries are not measured.
     *
     * @param ?int $count so many of them; null: as many as there are
     */
    public function bayFit(HouseBank $case, ?int $count = null): ?BayFit
    {
        $box = isset($case->parts[0]) ? self::box($case->parts[0]->data) : null;

        return $this->bay === null || $box === null ? null : BayFit::of(
            $this->bay,
            $box,
            $count ?? count($case->parts),
            $case->parts[0]->data->orUsual('gap_mm'),
        );
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
        $usable = $system->target->usableShare() * 100.0 - (100.0 - $system->travel->school->setsOutPct($system->target));
        $cold = $system->target->temperatureFactor($celsius->value);
        $need = BankNeed::of($energy->value, $system->travel->wishDays, $usable, $cold, $system->vehicle->systemV);

        return new Figure('bank-for-the-wish', $need->capacityWh, 'Wh', 'bank-for-the-wish', [
            $energy,
            Figure::given('days-wished', $system->travel->wishDays, 'days'),
            Figure::given(
                Word::of('figures.labels.usable-share', ['chemistry' => Word::of('chemistries.' . $system->target->value)]),
                $usable,
                '%',
                Origin::Assumed,
                'common-practice',
            ),
            new Figure('cold-factor', round($cold, 3), '', 'cold-factor', [$celsius], 'common-practice'),
        ], 'common-practice');
    }

    /** Coldest battery temperature on the road: as typed, else the coldest night of the travelled months. */
    private static function coldest(System $system): Figure
    {
        if ($system->travel->coldestBatteryC !== null) {
            return Figure::given('coldest-battery-temperature', $system->travel->coldestBatteryC, '°C', Origin::Typed);
        }
        if ($system->place === null || $system->travel->months === []) {
            return Figure::given(
                'coldest-battery-temperature',
                $system->target === Chemistry::Lfp ? 10.0 : 15.0,
                '°C',
                Origin::Assumed,
                'bay-lived-in',
            );
        }
        $place = $system->place;
        $nights = array_map(static fn(int $m): float => $place->minCOf($m), $system->travel->months);

        return new Figure('coldest-battery-temperature', min($nights), '°C', 'coldest-battery-temperature', [
            Figure::given(Word::typed($place->name), min($nights), '°C', $place->minC === [] ? Origin::Assumed : Origin::Typed),
        ], $place->minC === [] ? Word::of(
            'figures.sources.place-assumed',
            ['celsius' => Amount::of(Place::ASSUMED_MIN_C, '°C')],
        ) : 'place-months');
    }
}
