<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\Bank\Bank;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Conductor\Run;
use Pebblefell\Conductor\Way;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Kind\Usual;
use Pebblefell\System\Part;
use Pebblefell\System\Vehicle;

/** Tells what flows from the alternator through a plain relay into a bank: nothing but copper and the bank's own resistance limits it. */
final readonly class RelayLoop
{
    /** A standard alternator where nobody has read its label, A. Common practice. */
    public const USUAL_A = 120.0;

    /**
     * Usual loops from the starter side to the house bank, mm² and m one way: in a motorhome or van, and behind the plug of a caravan.
     * Assumed.
     */
    private const LOOP = [16.0, 4.0];
    private const TOWED_LOOP = [2.5, 8.0];
    private const TOWED = ['caravan', 'trailer', 'horsebox'];

    /** V that an isolator of silicon diodes keeps for itself. Common practice: 0.6 to 0.9. */
    private const DIODE_V = 0.7;

    /** An LFP bank at rest, well discharged, V a cell. Common practice. */
    private const EMPTY_CELL_V = 3.2;

    /** Returns what the alternator that feeds the chargers is rated. */
    public static function rated(Graph $graph): Figure
    {
        return self::feeding($graph)?->data->figureOrUsual('rated_a')
            ?? Figure::given('rated-current', self::USUAL_A, 'A', Origin::Assumed, 'standard-alternator');
    }

    /** The alternator that feeds chargers and relays: none that is there for the house alone. */
    public static function feeding(Graph $graph): ?Part
    {
        foreach ($graph->of(Family::Alternator) as $alternator) {
            if ($alternator->data->flag('for_house') !== true) {
                return $alternator;
            }
        }

        return null;
    }

    /**
     * Returns what an emptied bank would draw, at most the rating. Ohm's law.
     *
     * @param int         $cells   of the bank, in series
     * @param float       $bankOhm of the whole bank
     * @param float       $systemV of the bank
     * @param list<Point> $posts   of the bank, where they are drawn
     */
    public static function current(
        Graph $graph,
        Vehicle $vehicle,
        Part $isolator,
        Chemistry $chemistry,
        int $cells,
        float $bankOhm,
        float $systemV,
        array $posts,
    ): Figure {
        $alternator = self::feeding($graph);
        $rated = self::rated($graph);
        $set = $alternator === null
            ? Figure::given('regulated-to', Usual::REGULATED_V * $systemV / 12.0, 'V', Origin::Assumed)
            : $alternator->data->figureOrUsual('regulated_v', $systemV);
        $emptyV = $cells * ($chemistry->isLithium() ? self::EMPTY_CELL_V : $chemistry->restCurve()->volts(50.0));
        $loop = self::loop($graph, $vehicle, $isolator, $posts);
        $diode = $isolator->data->text('method') === 'diode'
            ? [Figure::given('diode-keeps', self::DIODE_V, 'V', Origin::Assumed)]
            : [];
        $heldV = $set->value - ($diode[0]->value ?? 0.0);

        return new Figure('current-through-the-relay', min(
            $rated->value,
            max(0.0, $heldV - $emptyV) / ($loop->value / 1000.0 + $bankOhm),
        ), 'A', 'current-through-the-relay', [
            $set,
            ...$diode,
            Figure::given('empty-bank', round($emptyV, 2), 'V', Origin::Assumed),
            $loop,
            Figure::given('bank', round($bankOhm * 1000.0, 2), 'mΩ', Origin::DataSheet),
            $rated,
        ], 'ohm');
    }

    /**
     * The same into a bank of the model.
     *
     * @param list<Part> $batteries of it
     */
    public static function into(Graph $graph, Vehicle $vehicle, Part $isolator, Bank $bank, array $batteries): Figure
    {
        return self::current(
            $graph,
            $vehicle,
            $isolator,
            $bank->chemistry(),
            $bank->cells(),
            $batteries[0]->data->orUsual('internal_mohm') / 1000.0 * $bank->series / $bank->parallel,
            $bank->systemV,
            array_map(static fn(Part $p): Point => Point::of($p->uid, 'plus'), $batteries),
        );
    }

    /**
     * Cable out and back, mΩ: as drawn on both sides of the relay, else the usual one of such a vehicle.
     *
     * @param list<Point> $posts of the bank
     */
    private static function loop(Graph $graph, Vehicle $vehicle, Part $isolator, array $posts): Figure
    {
        $drawn = array_values(array_filter([
            DrawnLead::at($graph, Point::of($isolator->uid, 'starter'), Circuit::starterPosts($graph)),
            DrawnLead::at($graph, Point::of($isolator->uid, 'house'), $posts),
        ]));
        $usual = in_array($vehicle->kind, self::TOWED, true) ? self::TOWED_LOOP : self::LOOP;
        $ways = $drawn === [] ? [Way::of(Run::of(ConductorSize::ofArea($usual[0]), $usual[1]))] : $drawn;
        $ohm = array_sum(array_map(static fn(Way $w): float => $w->resistanceOhm(), $ways));

        return Figure::given('loop-resistance', round(1000.0 * $ohm, 2), 'mΩ', $drawn === [] ? Origin::Assumed : Origin::Computed);
    }
}
