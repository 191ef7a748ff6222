<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources;

use Pebblefell\Charging\DcdcFit;
use Pebblefell\Circuit\Circuit;
use Pebblefell\Circuit\DrawnLead;
use Pebblefell\Circuit\RelayLoop;
use Pebblefell\Conductor\Run;
use Pebblefell\Conductor\Way;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Study;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\SignalKind;
use Pebblefell\System\System;

/** The alternator path of the plan: what a DC-DC charger, a relay or a second alternator asks for and brings. */
final readonly class AlternatorCheck
{
    /** Holds what lights, heater and ignition of the vehicle take, A. Common practice. */
    public const VEHICLE_A = 30.0;

    /** The same while it stands with the engine at idle, A. Assumed. */
    private const IDLE_VEHICLE_A = 20.0;

    /** A DC-DC charger of the plan on its alternator, with the lead that is drawn to it; null while its output is not known. */
    public static function dcdc(System $system, Graph $graph, Part $charger): ?DcdcFit
    {
        $output = $charger->data->number('output_a');
        if ($output === null) {
            return null;
        }
        $times = $system->vehicle->systemV / 12.0;
        $outV = DcdcFit::USUAL_OUTPUT_V * $charger->data->orUsual('output_v', $system->vehicle->systemV) / 12.0;
        $idle = RelayLoop::feeding($graph)?->data->orUsual('idle_pct') ?? DcdcFit::USUAL_IDLE_PCT;
        $takes24 = $times > 1.5 && $charger->data->orUsual('input_max_v') > 20.0 && $charger->data->orUsual('input_min_v') > 16.0;
        try {
            return DcdcFit::of(
                RelayLoop::rated($graph)->value,
                $output,
                self::VEHICLE_A,
                DrawnLead::at($graph, Point::of($charger->uid, 'input_plus'), Circuit::starterPosts($graph)),
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

    /** The alternator whose volts the engine's computer turns up and down; null where none is noted. */
    public static function variable(Graph $graph): ?Part
    {
        foreach ($graph->of(Family::Alternator) as $alternator) {
            if ($alternator->data->flag('variable_volts') === true) {
                return $alternator;
            }
        }

        return null;
    }

    /**
     * Returns what a sense wire gains at a second alternator: amps with it, and amps without it.
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
        $lead = DrawnLead::at(
            $study->planned(),
            Point::of($alternator->uid, 'plus'),
            array_map(static fn(Part $p): Point => Point::of($p->uid, 'plus'), $study->banks()->planned->parts),
        ) ?? Way::of(Run::of(ConductorSize::ofArea(50.0), 3.0));
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
}
