<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Exception\InvalidValue;

/**
 * Which bad joint, or which tired battery, explains the amps that were measured.
 *
 * Each link and each battery in turn is made worse by 0.05 to 60 mΩ; the added resistance that brings the network closest to the clamp
 * readings is kept, and the suspects are ranked by what is left over (least squares over the share of each battery).
 */
final readonly class Diagnosis
{
    /** Added resistance tried, Ω: about five to the decade. */
    private const TRIED = [0.00005, 0.0001, 0.00015, 0.0002, 0.0003, 0.0005, 0.0007, 0.001, 0.0015, 0.002, 0.003, 0.004, 0.005, 0.007, 0.01, 0.015, 0.02, 0.03, 0.06];

    /** Shares that differ by less than this, in % of the load, are within a clamp meter's error. Common practice: 2 to 3 %. */
    public const METER_PCT = 2.0;

    /**
     * @param string $kind link, battery or none
     * @param string $name id of the battery, or "from → to"
     * @param int    $index among links or batteries; −1 for none
     * @param float  $errorPct root mean square of what is left over, in % of the load
     */
    private function __construct(public string $kind, public string $name, public int $index, public float $addedOhm, public float $errorPct)
    {
    }

    /**
     * @param list<Source> $sources
     * @param list<Link>   $links
     * @param list<float> $measuredA out of each battery
     *
     * @return list<self> the likeliest first
     *
     * @throws InvalidValue at /measured
     */
    public static function rank(array $sources, array $links, string $positive, string $negative, array $measuredA): array
    {
        if (count($measuredA) !== count($sources)) {
            throw InvalidValue::at('/measured', 'needs one reading for each battery');
        }
        $strings = self::strings($sources, $links);
        $load = array_sum($measuredA) / max(1, $strings);
        if (abs($load) < 1.0) {
            throw InvalidValue::at('/measured', 'needs a load of some amps: at rest a joint shows nothing');
        }
        $error = static fn(array $s, array $l): float => self::error(array_values($s), array_values($l), $positive, $negative, $load, $measuredA);
        $suspects = [new self('none', 'nothing is wrong', -1, 0.0, $error($sources, $links))];
        foreach ($links as $k => $link) {
            [$best, $added] = [INF, 0.0];
            foreach (self::TRIED as $ohm) {
                $worse = $links;
                $worse[$k] = Link::of($link->from, $link->to, $link->ohm + $ohm);
                $e = $error($sources, array_values($worse));
                if ($e < $best) {
                    [$best, $added] = [$e, $ohm];
                }
            }
            $suspects[] = new self('link', $link->from . ' → ' . $link->to, $k, $added, $best);
        }
        foreach ($sources as $k => $source) {
            [$best, $added] = [INF, 0.0];
            foreach (self::TRIED as $ohm) {
                $worse = $sources;
                $worse[$k] = Source::of($source->id, $source->ocvV, $source->ohm + $ohm, $source->dischargeLimitA, $source->chargeLimitA);
                $e = $error(array_values($worse), $links);
                if ($e < $best) {
                    [$best, $added] = [$e, $ohm];
                }
            }
            $suspects[] = new self('battery', $source->id, $k, $added, $best);
        }
        usort($suspects, static fn(self $a, self $b): int => [$a->errorPct > self::METER_PCT, round($a->errorPct, 2), $a->addedOhm] <=> [$b->errorPct > self::METER_PCT, round($b->errorPct, 2), $b->addedOhm]);
        // Where nothing need be wrong, nothing is.
        usort($suspects, static fn(self $a, self $b): int => ($b->kind === 'none' && $b->errorPct <= self::METER_PCT ? 1 : 0) <=> ($a->kind === 'none' && $a->errorPct <= self::METER_PCT ? 1 : 0));

        return $suspects;
    }

    /**
     * Root mean square of predicted less measured, in % of the load.
     *
     * @param list<Source> $sources
     * @param list<Link>   $links
     * @param list<float>  $measuredA
     */
    private static function error(array $sources, array $links, string $positive, string $negative, float $load, array $measuredA): float
    {
        $amps = Network::of($sources, $links, $positive, $negative)->share($load)->amps;
        $sum = 0.0;
        foreach ($amps as $i => $a) {
            $sum += (100.0 * ($a - $measuredA[$i]) / $load) ** 2;
        }

        return sqrt($sum / count($amps));
    }

    /**
     * Strings in parallel: batteries over the batteries in a row.
     *
     * @param list<Source> $sources
     * @param list<Link>   $links
     */
    private static function strings(array $sources, array $links): int
    {
        $inSeries = 0;
        foreach ($links as $link) {
            $inSeries += str_ends_with($link->from, '+') && str_ends_with($link->to, '-') || str_ends_with($link->from, '-') && str_ends_with($link->to, '+') ? 1 : 0;
        }

        // Every string of n has n − 1 links from plus to minus; amps of a string are measured n times.
        return max(1, (int) round(count($sources) / max(1, count($sources) - $inSeries)));
    }
}
