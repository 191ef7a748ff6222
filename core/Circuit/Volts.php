<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\Charging\DcdcFit;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Does what is rated for some volts hold a bank? */
final class Volts
{
    /** A bare nominal holds from this share of itself to that one. Assumed: 10 to 15.6 V for 12 V. */
    public const LOW_SHARE = 0.83;
    public const HIGH_SHARE = 1.3;

    /** From here on DC can kill. IEC 61140, ELV of ripple-free DC in the dry (from memory): 60 V. */
    public const TOUCH_V = 60.0;

    /** The volts that the trade calls a system by: what charges at so many volts belongs to 12, 24 or 48. */
    private const CHARGES_BELOW_V = ['12' => 18.0, '24' => 36.0];

    /** Its highest reaches the bank's charging volts, its lowest is not above the bank's nominal volts. */
    public static function holds(float $nominalV, float $bankV, float $highestV): bool
    {
        return $highestV <= self::HIGH_SHARE * $nominalV && $bankV >= self::LOW_SHARE * $nominalV;
    }

    /** Returns what a charging source, or an inverter, is rated for on the bank's side; null where its sheet does not say. */
    public static function ratedFor(Part $part): ?float
    {
        $line = $part->kind->kind()->voltsLine();

        return match (true) {
            $line !== null => $part->data->number($line),
            $part->is(Family::Alternator) => self::tradeNominal($part->data->number('regulated_v')),
            default => null,
        };
    }

    /** A source that cannot reach the bank's volts brings nothing. */
    public static function reaches(Part $part, float $systemV): bool
    {
        $rated = self::ratedFor($part);

        return $rated === null || self::holds($rated, $systemV, $systemV);
    }

    /** Returns what the starter side usually runs at with the engine on; null as long as nothing says whether it is 12 or 24 V. */
    public static function starterRunsAt(Graph $graph): ?float
    {
        foreach ($graph->of(Family::Alternator) as $alternator) {
            if ($alternator->data->flag('for_house') !== true && $alternator->data->number('regulated_v') !== null) {
                return $alternator->data->number('regulated_v');
            }
        }
        $batteries = array_values(array_filter($graph->of(Family::Battery), static fn(Part $p): bool => $p->role === 'starter'));
        $volts = $batteries === [] ? 0.0 : $batteries[0]->data->known('nominal_v');
        foreach ($batteries as $above) {
            foreach ($batteries as $below) {
                if ($above !== $below && $graph->node(Point::of($below->uid, 'plus'))->has(Point::of($above->uid, 'minus'))) {
                    $volts += $above->data->known('nominal_v');
                }
            }
        }

        return $volts > 0.0 ? DcdcFit::USUAL_INPUT_V * round($volts / 12.0) : null;
    }

    /** A charger on the alternator is made for the volts that the starter side runs at, as far as both are known. */
    public static function isFed(Part $part, Graph $graph): bool
    {
        $running = $part->is(Family::Dcdc) ? self::starterRunsAt($graph) : null;
        [$from, $to] = [$part->data->number('input_min_v'), $part->data->number('input_max_v')];

        return $running === null || ($running >= ($from ?? 0.0) && $running <= ($to ?? INF));
    }

    /** It is fed, and reaches the bank: else it brings nothing in any sum. */
    public static function brings(Part $part, Graph $graph, float $systemV): bool
    {
        return self::reaches($part, $systemV) && self::isFed($part, $graph);
    }

    private static function tradeNominal(?float $chargesAt): ?float
    {
        foreach ($chargesAt === null ? [] : self::CHARGES_BELOW_V as $nominal => $below) {
            if ($chargesAt < $below) {
                return (float) $nominal;
            }
        }

        return $chargesAt === null ? null : 48.0;
    }
}
