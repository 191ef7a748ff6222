<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources;

use Pebblefell\Charging\DcdcFit;
use Pebblefell\Circuit\DrawnLead;
use Pebblefell\Conductor\Run;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Study;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Usual;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\SignalKind;
use Pebblefell\System\System;

/** The alternator path of the plan: what a DC-DC charger, a relay or a second alternator asks for and brings. */
final readonly class AlternatorCheck
{
    /** A standard alternator where nobody has read its label, A. Common practice. */
    public const USUAL_A = 120.0;

    /** What lights, heater and ignition of the vehicle take, A. Common practice. */
    public const VEHICLE_A = 30.0;

    /** The same while it stands with the engine at idle, A. Assumed. */
    private const IDLE_VEHICLE_A = 20.0;

    /**
     * Usual loops from the starter side to the house bank, mm² and m one way: in a motorhome or van, and behind the plug of a caravan.
     * Assumed.
     */
    private const LOOP = [16.0, 4.0];
    private const TOWED_LOOP = [2.5, 8.0];
    private const TOWED = ['caravan', 'trailer', 'horsebox'];

    /** An LFP bank at rest, well discharged, V a cell. Common practice. */
    private const EMPTY_CELL_V = 3.2;

    /** The alternator that feeds the chargers, and what it is rated. */
    public static function rated(Graph $graph): Figure
    {
        foreach ($graph->ofKind(PartKind::Alternator) as $alternator) {
            if ($alternator->data->flag('for_house') !== true) {
                return $alternator->data->figureOrUsual('rated_a');
            }
        }

        return self::usual();
    }

    /** A DC-DC charger of the plan on its alternator, with the lead that is drawn to it; null while its output is not known. */
    public static function dcdc(System $system, Graph $graph, Part $charger): ?DcdcFit
    {
        $output = $charger->data->number('output_a');
        if ($output === null) {
            return null;
        }
        $times = $system->vehicle->systemV / 12.0;
        $outV = DcdcFit::USUAL_OUTPUT_V * $charger->data->orUsual('output_v', $system->vehicle->systemV) / 12.0;
        $alternator = $graph->ofKind(PartKind::Alternator)[0] ?? null;
        $idle = $alternator === null ? DcdcFit::USUAL_IDLE_PCT : $alternator->data->orUsual('idle_pct');
        $takes24 = $times > 1.5 && $charger->data->orUsual('input_max_v') > 20.0 && $charger->data->orUsual('input_min_v') > 16.0;
        try {
            return DcdcFit::of(
                self::rated($graph)->value,
                $output,
                self::VEHICLE_A,
                DrawnLead::at($graph, Point::of($charger->uid, 'input_plus')),
                $charger->data->orUsual('efficiency_pct'),
                DcdcFit::USUAL_INPUT_V * ($takes24 ? $times : 1.0),
                $outV,
                $idle,
                self::IDLE_VEHICLE_A,
                $charger->data->orUsual('input_min_v'),
                $system->region->usesGauges(),
            );
        } catch (InvalidValue) {
            return null;
        }
    }

    public static function hasEngineSignal(Graph $graph, Part $charger): bool
    {
        return $graph->hasSignal(SignalKind::EngineRunning, $charger->uid) || $charger->data->text('engine_signal') === 'volts';
    }

    /** What an emptied bank would draw straight through a relay, at most the rating. */
    public static function throughRelay(Study $study, Part $isolator): ?Figure
    {
        $bank = $study->banks()->planned->bank;
        if ($bank === null) {
            return null;
        }
        $alternator = $study->planned()->ofKind(PartKind::Alternator)[0] ?? null;
        $rated = self::rated($study->planned());
        $set = $alternator === null ? Figure::given(
            'regulated-to',
            Usual::REGULATED_V * $bank->systemV / 12.0,
            'V',
            Origin::Assumed,
        ) : $alternator->data->figureOrUsual('regulated_v', $bank->systemV);
        $emptyV = $bank->cells() * ($bank->chemistry()->isLithium() ? self::EMPTY_CELL_V : $bank->chemistry()->restCurve()->volts(50.0));

        $loop = self::loop($study, $isolator);
        $bankOhm = $study->banks()->planned->parts[0]->data->orUsual('internal_mohm') / 1000.0 * $bank->series / $bank->parallel;

        return new Figure('current-through-the-relay', min(
            $rated->value,
            max(0.0, $set->value - $emptyV) / ($loop->value / 1000.0 + $bankOhm),
        ), 'A', 'current-through-the-relay', [
            $set,
            Figure::given('empty-bank', round($emptyV, 2), 'V', Origin::Assumed),
            $loop,
            Figure::given('bank', round($bankOhm * 1000.0, 2), 'mΩ', Origin::DataSheet),
            $rated,
        ], 'ohm');
    }

    /** Cable out and back, mΩ: as drawn on both sides of the relay, else the usual one of such a vehicle. */
    private static function loop(Study $study, Part $isolator): Figure
    {
        $drawn = array_filter(
            [
                DrawnLead::at($study->planned(), Point::of($isolator->uid, 'starter')),
                DrawnLead::at($study->planned(), Point::of($isolator->uid, 'house')),
            ],
        );
        $runs = array_values($drawn);
        if ($runs === []) {
            [$mm2, $metres] = in_array($study->system->vehicle->kind, self::TOWED, true) ? self::TOWED_LOOP : self::LOOP;
            $runs = [Run::of(ConductorSize::ofArea($mm2), $metres)];
        }
        $ohm = array_sum(array_map(static fn(Run $r): float => $r->resistanceOhm(), $runs));

        return Figure::given('loop-resistance', round(1000.0 * $ohm, 2), 'mΩ', $drawn === [] ? Origin::Assumed : Origin::Computed);
    }

    /** The alternator whose volts the engine's computer turns up and down; null where none is noted. */
    public static function variable(Graph $graph): ?Part
    {
        foreach ($graph->ofKind(PartKind::Alternator) as $alternator) {
            if ($alternator->data->flag('variable_volts') === true) {
                return $alternator;
            }
        }

        return null;
    }

    /**
     * What a sense wire gains at a second alternator: amps with it, and amps without it.
     *
     * Without, the regulator holds its volts at the machine, and the lead's drop is missing at the bank. Ohm's law.
     *
     * @return ?array{Figure, Figure}
     */
    public static function senseWire(Study $study, Part $alternator): ?array
    {
        $bank = $study->banks()->planned->bank;
        $rated = $alternator->data->number('rated_a');
        if ($bank === null || $rated === null) {
            return null;
        }
        $lead = DrawnLead::at($study->planned(), Point::of($alternator->uid, 'plus')) ?? Run::of(ConductorSize::ofArea(50.0), 3.0);
        $set = $alternator->data->orUsual('regulated_v', $bank->systemV);
        $ohm = $study->banks()->planned->parts[0]->data->orUsual('internal_mohm') / 1000.0 * $bank->series / $bank->parallel;
        $restV = $bank->cells() * $bank->chemistry()->restCurve()->volts(80.0);
        $inputs = [
            Figure::given('held-at', $set, 'V', Origin::Assumed),
            Figure::given('bank-at-80', round($restV, 2), 'V', Origin::Assumed),
            Figure::given('bank', round($ohm * 1000.0, 2), 'mΩ', Origin::DataSheet),
            Figure::given('lead-out-and-back', round($lead->resistanceOhm() * 1000.0, 2), 'mΩ', Origin::Computed),
        ];
        $most = min($rated, $bank->chemistry()->isLithium() ? 0.5 * $bank->ratedAh() : 0.25 * $bank->ratedAh());

        return [
            new Figure('with-the-sense-wire', min($most, max(0.0, $set - $restV) / $ohm), 'A', 'with-the-sense-wire', $inputs, 'ohm'),
            new Figure(
                'without-it',
                min($most, max(0.0, $set - $restV) / ($ohm + $lead->resistanceOhm())),
                'A',
                'without-it',
                $inputs,
                'ohm',
            ),
        ];
    }

    private static function usual(): Figure
    {
        return Figure::given('rated-current', self::USUAL_A, 'A', Origin::Assumed, 'standard-alternator');
    }
}
