<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Exception\InvalidValue;

/**
 * Which bad joint, or which tired battery, explains what was measured: amps of each battery by clamp, or volts at each battery's terminals.
 *
 * Each link and each battery in turn is made worse by 0.05 to 60 mΩ; the added resistance that brings the network closest to the readings
 * is kept, and the suspects are ranked by what is left over (least squares). Volts are compared by how they lie about their own mean: how
 * full the batteries are moves all alike and says nothing.
 */
final readonly class JointDiagnosis
{
    /** Added resistance tried, Ω: about five to the decade. */
    private const TRIED = [
        0.00005,
        0.0001,
        0.00015,
        0.0002,
        0.0003,
        0.0005,
        0.0007,
        0.001,
        0.0015,
        0.002,
        0.003,
        0.004,
        0.005,
        0.007,
        0.01,
        0.015,
        0.02,
        0.03,
        0.06,
    ];

    /** Shares that differ by less than this, in % of the load, are within a clamp meter's error. Common practice: 2 to 3 %. */
    public const METER_PCT = 2.0;

    /** Volts that differ by less are within a good meter's error, mV. Common practice: its last digit or two. */
    public const METER_MV = 4.0;

    /**
     * @param string $kind link, battery or none
     * @param string $name id of the battery, "from → to", or '' where nothing is wrong
     * @param int    $index among links or batteries; −1 for none
     * @param float  $error root mean square of what is left over: % of the load for amps, mV for volts
     */
    private function __construct(public string $kind, public string $name, public int $index, public float $addedOhm, public float $error)
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
    public static function byAmps(array $sources, array $links, string $positive, string $negative, array $measuredA): array
    {
        $load = array_sum($measuredA) / max(1, self::strings($sources, $links));
        self::guard($sources, $measuredA, $load);

        return self::rank($sources, $links, static function (array $s, array $l) use ($positive, $negative, $load, $measuredA): float {
            $amps = Network::of(array_values($s), array_values($l), $positive, $negative)->share($load)->amps;

            return self::rms(array_map(static fn(float $a, float $m): float => 100.0 * ($a - $m) / $load, $amps, $measuredA));
        }, self::METER_PCT);
    }

    /**
     * @param list<Source> $sources
     * @param list<Link>   $links
     * @param list<float> $measuredV at the terminals of each battery, while the load flows
     * @param float $loadA of the whole bank; below 0 it is charged
     *
     * @return list<self> the likeliest first
     *
     * @throws InvalidValue at /measured
     */
    public static function byVolts(array $sources, array $links, string $positive, string $negative, array $measuredV, float $loadA): array
    {
        self::guard($sources, $measuredV, $loadA);
        $about = static function (array $volts): array {
            $mean = array_sum($volts) / max(1, count($volts));

            return array_map(static fn(float $v): float => $v - $mean, $volts);
        };
        $measured = $about($measuredV);

        return self::rank($sources, $links, static function (array $s, array $l) use (
            $positive,
            $negative,
            $loadA,
            $about,
            $measured,
        ): float {
            $amps = Network::of(array_values($s), array_values($l), $positive, $negative)->share($loadA)->amps;
            $volts = $about(array_map(static fn(Source $b, float $a): float => $b->ocvV - $a * $b->ohm, array_values($s), $amps));

            return self::rms(array_map(static fn(float $v, float $m): float => 1000.0 * ($v - $m), $volts, $measured));
        }, self::METER_MV);
    }

    /**
     * @param list<Source> $sources
     * @param list<Link>   $links
     * @param callable(array<int, Source>, array<int, Link>): float $error
     *
     * @return list<self>
     */
    private static function rank(array $sources, array $links, callable $error, float $meter): array
    {
        $suspects = [new self('none', '', -1, 0.0, $error($sources, $links))];
        foreach ($links as $k => $link) {
            $suspects[] = self::worst(
                'link',
                $link->from . ' → ' . $link->to,
                $k,
                static fn(float $ohm): float => $error(
                    $sources,
                    array_replace($links, [$k => Link::of($link->from, $link->to, $link->ohm + $ohm)]),
                ),
            );
        }
        foreach ($sources as $k => $source) {
            $suspects[] = self::worst(
                'battery',
                $source->id,
                $k,
                static fn(float $ohm): float => $error(
                    array_replace(
                        $sources,
                        [$k => Source::of(
                            $source->id,
                            $source->ocvV,
                            $source->ohm + $ohm,
                            $source->dischargeLimitA,
                            $source->chargeLimitA,
                        )],
                    ),
                    $links,
                ),
            );
        }
        // Where nothing need be wrong, nothing is; then by what is left over, and the smaller fault first.
        $innocent = static fn(self $s): bool => $s->kind === 'none' && $s->error <= $meter;
        usort(
            $suspects,
            static fn(self $a, self $b): int => [
                !$innocent($a),
                $a->error > $meter,
                round($a->error, 2),
                $a->addedOhm,
            ] <=> [!$innocent($b), $b->error > $meter, round($b->error, 2), $b->addedOhm],
        );

        return $suspects;
    }

    /**
     * @param callable(float): float $error of so many Ω more
     */
    private static function worst(string $kind, string $name, int $index, callable $error): self
    {
        [$best, $added] = [INF, 0.0];
        foreach (self::TRIED as $ohm) {
            $e = $error($ohm);
            if ($e < $best) {
                [$best, $added] = [$e, $ohm];
            }
        }

        return new self($kind, $name, $index, $added, $best);
    }

    /**
     * @param list<Source> $sources
     * @param list<float> $measured
     */
    private static function guard(array $sources, array $measured, float $loadA): void
    {
        if (count($measured) !== count($sources)) {
            throw InvalidValue::at('/measured', 'each-one-reading');
        }
        if (abs($loadA) < 1.0) {
            throw InvalidValue::at('/measured', 'needs-load');
        }
    }

    /**
     * @param array<int, float> $errors
     */
    private static function rms(array $errors): float
    {
        return sqrt(array_sum(array_map(static fn(float $e): float => $e * $e, $errors)) / max(1, count($errors)));
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
            $inSeries += str_ends_with($link->from, '+') && str_ends_with($link->to, '-')
                || str_ends_with($link->from, '-') && str_ends_with($link->to, '+')
                ? 1
                : 0;
        }

        // Every string of n has n − 1 links from plus to minus; amps of a string are measured n times.
        return max(1, (int) round(count($sources) / max(1, count($sources) - $inSeries)));
    }
}
